import { quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'
import type { Picture, Primitive } from './picture'

/** Warmth from the core outwards, as far above the air. */
function glowWords(depthsK: readonly number[] | undefined, units: UnitSystem): string {
  const [core, edge] = [depthsK?.[0], depthsK?.at(-1)]
  if (core === undefined || edge === undefined || core - edge < 3) return 'warm inside'
  return `warm inside, ${quantityText('temperatureStep', units, core)} above the air in the core and `
    + `${quantityText('temperatureStep', units, Math.max(0, edge))} at the edge`
}

/** What one part of a picture shows, in words; nothing where it is only there for the eye. */
function partWords(part: Primitive, units: UnitSystem): string {
  const metres = (value: number) => quantityText('length', units, value)
  switch (part.kind) {
    case 'fill':
      return `${metres(part.heightM)} `
        + `high${part.bands.length > 0 ? `, from the ground up: ${[...new Set(part.bands.map(({ short }) => short))].join(', ')}` : ''}`
    case 'shell': return `${part.said}, ${metres(part.thickM)} thick`
    case 'level': return `${part.said} at ${metres(part.yM)}`
    case 'liquid': return `${part.said} up to ${metres(part.levelM)}`
    case 'foam': return part.heightM > 0.002 ? `foam ${metres(part.heightM)} high` : ''
    case 'frame':
    case 'pocket': return part.said
    case 'channel': return 'an air channel'
    case 'mark': return part.temperatureC === undefined ? part.text ?? '' : quantityText('temperature', units, part.temperatureC)
    case 'glow': return part.aboveAirK > 5 ? glowWords(part.depthsK, units) : ''
    case 'walls':
    case 'fading':
    case 'soil': return ''
  }
}

/** A picture said to whoever cannot see it. */
export function pictureWords({ of, parts }: Picture, units: UnitSystem): string {
  return [of, ...parts.map(part => partWords(part, units)).filter(Boolean)].join(', ')
}
