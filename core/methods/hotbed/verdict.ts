import { addDays } from 'date-fns'
import { dayText } from '../../units/dates'
import { quantityText, ratioText } from '../../units/format'
import { counted } from '../../units/plural'
import type { UnitSystem } from '../../units/system'
import type { Verdict } from '../contract'
import { warmestC } from './marks'
import type { BedThought } from './thought'
import { BED } from './constants'

const NOTHING_HEATS = 'Nothing of this heats: manure, grass and straw do.'
const workable = (text: string): Verdict => ({ grade: 'workable', text })

/** What speaks against the stuff in it: too little of it, or too lean. */
function stuffVerdict({ chosen, heightM, ground, ratio }: BedThought, units: UnitSystem): Verdict | undefined {
  const height = (value: number) => quantityText('length', units, value)
  if (chosen && heightM < BED.lowShare * ground.heightM)
    return {
      grade: heightM < BED.shallowM ? 'poor' : 'workable',
      text: `Trodden it is ${height(heightM)} deep; ${height(ground.heightM)} are meant. `
        + (heightM < BED.shallowM ? 'So low it is cold within two weeks or three.' : 'It will be warm, but not as long.'),
    }
  return chosen && ratio > BED.leanRatio
    ? workable(`Lean: ${ratioText(ratio)}. Some dung, grass or a handful of meal for each barrow, or it stays cool.`)
    : undefined
}

/** What speaks against its season: too mild, too hot for too long, or late. */
function seasonVerdict({ mildC, outlook, planned, sowOn }: BedThought, units: UnitSystem): Verdict | undefined {
  if (mildC > BED.needlessC)
    return workable(
      `It is ${quantityText('temperature', units, mildC)} outside in those weeks: a frame alone is warm enough, and a bed would be `
      + 'too hot for roots. A hotbed is for the cold months.',
    )
  if (!outlook) return undefined
  const sown = dayText(addDays(outlook.builtAt, Math.round(outlook.sow.typical)))
  if (outlook.sow.typical > BED.tooLongDays)
    return workable(
      `It would stay too hot for seeds until about ${sown}: a lower bed, a hand more of soil, or build it in a colder month.`,
    )
  return planned?.late && sowOn
    ? workable(`It is late for ${dayText(sowOn)}: built today it can be sown from about ${sown}.`)
    : undefined
}

/** What a hotbed would be, in a sentence. */
export function verdictOf(thought: BedThought, units: UnitSystem): Verdict {
  const { outlook } = thought
  if (!outlook) return { grade: 'poor', text: NOTHING_HEATS }
  const degrees = (celsius: number) => quantityText('temperature', units, celsius)
  const weak = stuffVerdict(thought, units)
  if (weak) return weak
  if (warmestC(outlook) < BED.warmC || outlook.cool.typical <= outlook.sow.typical)
    return {
      grade: 'poor',
      text: `The soil would hardly be warm: ${degrees(warmestC(outlook))} at most, and not for long. More of it, banked sides, glass.`,
    }
  const weeks = Math.max(1, Math.round((outlook.cool.typical - outlook.sow.typical) / 7))
  const lasts = 7 * weeks > BED.sunCarriesDays ? 'until sun and glass take over' : `for about ${counted(weeks, 'week', 'weeks')} from then`
  return seasonVerdict(thought, units) ?? {
    grade: 'good',
    text: `Built on ${dayText(outlook.builtAt)} it can be sown from about `
      + `${dayText(addDays(outlook.builtAt, Math.round(outlook.sow.typical)))}, and keeps ${degrees(BED.warmC)} and more ${lasts}.`,
  }
}

/** Why it cannot be begun like this; nothing where it can. */
export function refusalOf({ bed, overfull }: BedThought, tooMuch: string): string | undefined {
  return bed ? (overfull ? tooMuch : undefined) : NOTHING_HEATS
}
