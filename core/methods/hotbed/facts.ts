import { addDays, addWeeks, isSameDay } from 'date-fns'
import type { Ingredient } from '../../mix/portion'
import { counted } from '../../units/plural'
import { containersFor, containerText } from '../../units/container'
import { dateText, dayText } from '../../units/dates'
import { numberText, quantityText, ratioText, roughly, spanText } from '../../units/format'
import { type Fact, ownOf, type Surroundings } from '../contract'
import type { BedOutlook } from './back-from'
import { warmestAtFirst, warmestC } from './marks'
import { litresOf, type BedThought } from './thought'
import { BED } from './constants'

/** From one day to another; one day where they are the same. */
function fromTo(from: Date, to: Date): string {
  return isSameDay(from, to) ? dayText(from) : `${dayText(from)} to ${dayText(to)}`
}

/** From when to gather, and by when all of it has to lie there: what spoils first says so. */
function gatherFact(ingredients: readonly Ingredient[], by: Date): Fact[] {
  const spoils = [...ingredients].sort((a, b) => a.material.keepsDays - b.material.keepsDays)[0]
  if (!spoils || spoils.material.keepsDays > BED.keepsLongDays) return []
  return [{
    label: 'Gather it', value: `from ${dayText(addDays(by, -Math.floor(spoils.material.keepsDays)))}, all of it by ${dayText(by)}`,
    why: `${spoils.material.short} in a pile it burns off within about ${Math.floor(spoils.material.keepsDays)} days; straw and leaves `
      + 'can lie there for long',
  }]
}

function buildFact({ planned, sowOn }: BedThought, outlook: BedOutlook): Fact {
  const built = planned
    ? planned.from < planned.to ? `between ${dayText(planned.from)} and ${dayText(planned.to)}` : `on ${dayText(planned.to)}`
    : `on ${dayText(outlook.builtAt)}`
  const [from, to] = [Math.round(outlook.sow.from), Math.round(outlook.sow.to)]
  const usual = Math.round(outlook.sow.typical)
  return {
    label: 'Build it', value: `${built}, in one day`,
    why: planned
      ? `most likely ${counted(usual, 'day', 'days')} before ${dateText(sowOn!)}${from === to ? '' : ` (${from} to ${to})`}: first it `
      + 'bursts with heat; it is sown when that is past, by readings'
      : 'say when you want to sow, and it reckons back from that day',
  }
}

function warmText({ on }: BedThought, { cool, horizonDay }: BedOutlook): string {
  if (cool.typical === 0) return 'hardly at all'
  const likely = cool.typical >= horizonDay ? 'into summer' : `until about ${dayText(on(cool.typical))}`
  if (cool.from >= horizonDay) return likely
  const soonest = cool.from === 0 ? 'perhaps hardly at all' : `${dayText(on(cool.from))} at the soonest`
  return `${likely} (${cool.to >= horizonDay ? soonest : `${soonest}, ${dayText(on(cool.to))} at the latest`})`
}

function frostFact({ on }: BedThought, { sow, cool }: BedOutlook, lastFrost: (at: Date) => Date): Fact {
  const frost = lastFrost(on(sow.typical))
  return {
    label: 'Last frost here', value: dayText(frost),
    why: on(cool.typical) < frost
      ? 'the heat ends before it: keep the glass on, a mat at night, or plan the second bed'
      : 'the bed is warm beyond it: what was raised can go out from there',
  }
}

/** When it is built, sown, warm and past the frost. */
function dayFacts(thought: BedThought, outlook: BedOutlook, { units, weather: { nextLastFrost } }: Surroundings): Fact[] {
  const degrees = (celsius: number) => quantityText('temperature', units, celsius)
  const { on } = thought
  return [
    buildFact(thought, outlook),
    {
      label: 'Sow from', value: fromTo(on(outlook.sow.from), on(outlook.sow.to)),
      why: (warmestC(outlook) > BED.sowBelowC
        ? `when the soil has come down below ${degrees(BED.sowBelowC)}`
        : 'when the soil is warm enough for the first seeds') + '; your thermometer says it best',
    },
    {
      label: `Soil of ${degrees(BED.warmC)} and more`, value: warmText(thought, outlook),
      why: 'in its first weeks up to about '
        + spanText('temperature', units, warmestAtFirst(outlook.courses[0]), warmestAtFirst(outlook.courses[2])),
    },
    ...(nextLastFrost ? [frostFact(thought, outlook, nextLastFrost)] : []),
  ]
}

/** Whether it is too much, or how much is missing, where the gardener said what goes in. */
function amountFacts({ chosen, overfull, missingL, leftOverL, ground, heightM }: BedThought, surroundings: Surroundings): Fact[] {
  const height = (value: number) => quantityText('length', surroundings.units, value)
  const barrow = ownOf('barrow', surroundings)
  const barrows = (litres: number) => `about ${containerText(litres / barrow.volumeL, barrow)}`
  if (!chosen) return []
  if (overfull)
    return [{
      label: 'Too much', value: barrows(leftOverL),
      why: `to ${height(ground.heightM)} it is full: bank the sides with the rest, or make it wider or deeper`,
    }]
  return [missingL > BED.littleL
    ? {
        label: 'Missing', value: `${barrows(missingL)} of the same`,
        why: `to ${height(ground.heightM)}; everything in one day, so gather it first`,
      }
    : { label: 'Missing', value: 'nothing', why: `it reaches ${height(heightM)} of ${height(ground.heightM)}` }]
}

function waterFact({ waterL, ratio }: BedThought, { units, garden: { waterCan } }: Surroundings): Fact {
  const poured = waterL < 3 ? '' : `${quantityText('volume', units, roughly(waterL))}, forkful by forkful; `
  return {
    label: 'Water', value: waterL < 3 ? 'none: it is moist' : containerText(containersFor(waterL, waterCan), waterCan),
    why: `${poured}wrung out it gives a drop.${ratio < BED.noRatio ? ` Carbon to nitrogen ${ratioText(ratio)}.` : ''}`,
  }
}

/** What is worth knowing of a planned hotbed. */
export function factsOf(thought: BedThought, surroundings: Surroundings): Fact[] {
  const { outlook, planned, ingredients, bed, heightM } = thought
  const { units, now } = surroundings
  const barrow = ownOf('barrow', surroundings)
  const second = outlook && outlook.cool.typical > outlook.sow.typical && outlook.cool.typical <= BED.sunCarriesDays
  return [
    ...(outlook ? dayFacts(thought, outlook, surroundings) : []),
    {
      label: 'It takes', value: containerText(litresOf(ingredients) / barrow.volumeL, barrow),
      why: `${quantityText('volume', units, roughly(litresOf(ingredients)))} loose make ${quantityText('length', units, heightM)} trodden`
        + (bed ? `: to ${numberText(100 * heightM * thought.ground.footprintM2 * 1000 / litresOf(ingredients))} % of its loose room` : ''),
    },
    ...gatherFact(ingredients, planned && planned.to > now ? planned.to : outlook?.builtAt ?? now),
    ...amountFacts(thought, surroundings),
    waterFact(thought, surroundings),
    ...(second
      ? [{
          label: 'Second bed', value: `about ${dayText(addWeeks(outlook.builtAt, 4))}`,
          why: 'built when the first is at week four, its heat takes over where the first lets go',
        }]
      : []),
  ]
}
