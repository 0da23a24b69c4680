import { capital, daysText } from '../../units/plural'
import { partText } from '../../plain/states'
import type { BegunBatch } from '../../journal/garden'
import { dayText, timeText } from '../../units/dates'
import { quantityText, percentText } from '../../units/format'
import { ageText, type Standing, type Surroundings } from '../contract'
import { A_START } from '../../materials/char-state'
import { soakOf, type Soak } from './state'

/** How far it is charged, in words. */
export function chargedText(charged: number): string {
  const part = partText(charged)
  return part === 'hardly any'
    ? 'hardly charged'
    : part === 'all'
      ? 'fully charged'
      : part === 'most'
        ? 'nearly charged'
        : `${part} charged`
}

/** What is left to do when it is taken now, in a sentence. */
export function takenNow({ charged, way }: Pick<Soak, 'charged' | 'way'>): string {
  if (charged >= 0.8) return `${capital(chargedText(charged))}: it gives more than it takes.`
  const missing = `${capital(chargedText(charged))}; the rest it takes from the soil.`
  return charged >= A_START
    ? `${missing} Give a nitrogen feed with it, or let it lie some weeks before sowing.`
    : `${missing} Too early: it would rob what is sown in it${way.kind === 'tub' ? '' : ' for a season'}.`
}

/** Where a soak stands. */
export function standingOf(batch: BegunBatch, surroundings: Surroundings): Standing {
  const soak = soakOf(batch, surroundings)
  const { charged, nowDay, water, dryingDays = 0, driesDays, way } = soak
  const { units } = surroundings
  const day = ageText(batch, nowDay)
  const figure = percentText(charged)
  const sentence = `${day}, ${quantityText('volume', units, soak.charL)} of char, ${chargedText(charged)}.`
  const known: Readonly<Record<Soak['phase'], Standing>> = {
    ended: { phase: 'ended', label: 'Taken out', sentence: 'What was charged is in the store.', tone: 'good' },
    foul: { phase: 'foul', label: 'Foul', sentence: `${sentence} Liquor onto the heap, rinse the char, begin again.`, figure, tone: 'bad' },
    water: {
      phase: 'water', label: 'The water stands',
      sentence: water.fit
        ? 'It is fit for life now: in with the char.'
        : water.fitAt
          ? `${capital(partText(water.chlorineLeft))} of the chlorine is left; under a tenth from ${dayText(water.fitAt)}, `
          + `${timeText(water.fitAt)}.`
          : 'Chloramine does not leave by standing: ascorbic acid, or other water.',
      figure: 'water',
      tone: water.fit ? 'good' : 'mind',
    },
    charging: { phase: 'charging', label: charged < A_START ? 'Drinking' : 'Charging', sentence, figure, tone: 'good' },
    charged: { phase: 'charged', label: way.kind === 'tub' ? 'Charged: drain it' : 'Charged', sentence, figure, tone: 'good' },
    drying: {
      phase: 'drying', label: 'Drying',
      sentence: `Drained ${daysText(dryingDays)} ago, ${chargedText(charged)}; `
        + `${daysText(Math.max(1, driesDays - dryingDays))} more ${driesDays > way.driesDays ? 'in its can' : 'in the shade'}.`,
      figure, tone: 'good',
    },
    dry: {
      phase: 'dry', label: 'Ready to spread', sentence: `Drained ${daysText(dryingDays)} ago. ${takenNow(soak)}`, figure,
      tone: charged >= 0.8 ? 'good' : 'mind',
    },
  }
  return known[soak.phase]
}
