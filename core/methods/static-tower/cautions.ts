/** What to mind when it is loaded and taken. */
export const TAKE_CAUTIONS: readonly string[] = [
  'Moist, by hand or wooden fork: dust carries spores, so damp it and stand upwind; a mask if moulds trouble you.',
  'With weak lungs or weak immunity, let somebody else do it or ask a doctor.',
]
export const LOADING_CAUTIONS: readonly string[] = [
  'Wet chips and leaves are heavy: two at a time, a step beside it, no climbing into the cage.',
  'Dry leaves and chips are full of dust and spores: damp them first, stand upwind, wear a mask.',
]
export const WIRE_CAUTION = 'Cut wire springs: gloves and goggles, ends bent in.'
