/** How a page moves to what is wanted: slides, or is just there where the device asks for less motion. */
export function scrolling(): ScrollBehavior {
  return matchMedia('(prefers-reduced-motion: reduce)').matches ? 'instant' : 'smooth'
}
