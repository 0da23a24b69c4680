import { DRAWINGS } from '../../picture/findings'
import type { Life } from './method'
import type { Symptom } from './trouble'

/** What a sign is drawn as, by the first of these words in it: from what it is to where it is found. */
const DRAWN_BY: readonly (readonly [RegExp, readonly string[]])[] = [
  [/\beggs?\b/i, DRAWINGS.egg], [/ammonia|sharp|urine/i, DRAWINGS.sharp], [/\bfl(y|ies)\b|gnats|midges/i, DRAWINGS.fly],
  [/\bants?\b/i, DRAWINGS.ant], [/\b(rats?|mice|mouse|voles?)\b/i, DRAWINGS.rat], [/worm|slug|snail|grub|beetle|maggot/i, DRAWINGS.worm],
  [/mushroom/i, DRAWINGS.mushroom], [/threads|white fur|mould on/i, DRAWINGS.threads], [/ash/i, DRAWINGS.ashy],
  [/smoke|steam|foam|bubbl/i, DRAWINGS.steam], [/hot\b|flame|glow|ember|burn/i, DRAWINGS.flame], [/cold|cool|warm|heat/i, DRAWINGS.steam],
  [/drip|soggy|soak|runs|puddle|water|wet\b/i, DRAWINGS.fistRuns], [/dust|dry/i, DRAWINGS.fistDust],
  [/slim|mats?\b|clump|lumps/i, DRAWINGS.mats],
  [/sour|rotten|stink|foul|smell/i, DRAWINGS.drop], [/eaten|holes?\b|ragged|torn|bitten/i, DRAWINGS.leafRagged],
  [/root/i, DRAWINGS.roots], [/leaf|leaves|green|yellow|weeds?|grow|seedling|plant|stem|pale/i, DRAWINGS.leaf],
  [/earth|crumb|soil|compost/i, DRAWINGS.earth], [/piece|wood|twig|char|bits/i, DRAWINGS.bits],
]

/** How a sign is drawn: as the same finding of a sense of this method, else by what is said of it; an eye where it is only seen. */
export function signDrawing({ pads }: Pick<Life, 'pads'>, { id, label }: Pick<Symptom, 'id' | 'label'>): readonly string[] {
  const findings = pads.flatMap(pad => (pad.kind === 'sense' ? pad.sense.findings : []))
  const same = findings.find(finding => finding.id === id && finding.drawn !== undefined)?.drawn
  return same ?? DRAWN_BY.find(([words]) => words.test(label))?.[1] ?? DRAWINGS.eye
}
