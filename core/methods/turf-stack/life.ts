import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { agoText } from '../../units/ago'
import { percentText, quantityText, roughly } from '../../units/format'
import { everFound, lastFound, type Life, type Pad, type Sense, type Surroundings } from '../contract'
import { openPad, prospectOf, tasksFrom, type Ask } from '../course'
import { COVERED, GRASS, ROOTS, way } from './course'
import { LIFTING, LOAM, stackPicture, turfL, turfLeftL } from './plan'
import { TURF } from './constants'

const GRASS_SEEN: Sense = {
  id: GRASS, label: 'Grass', icon: 'i-ph-plant', question: 'Lift a turf at the edge: the grass?', findings: [
    { id: 'green', label: 'Still green', sign: 'mind', answer: 'Light gets in, or it is young yet.' },
    { id: 'yellow', label: 'Yellow, limp', sign: 'good', answer: 'It lives off its roots: going as it should.' },
    { id: 'gone', label: 'Gone', sign: 'good', answer: 'Now the roots: pull at them from time to time.' },
  ],
}
const ROOTS_FELT: Sense = {
  id: ROOTS, label: 'Roots', icon: 'i-ph-hand-grabbing', question: 'Break a turf: the roots?', findings: [
    { id: 'tough', label: 'Tough, it hangs together', sign: 'mind', answer: 'Leave it; water it when it is dry inside.' },
    { id: 'breaking', label: 'They break', sign: 'good', answer: 'Not long now.' },
    { id: 'gone', label: 'It crumbles', sign: 'good', answer: 'Loam: cut it down with a spade and sieve it, clay lumps and stones out.' },
  ],
}
const PADS: readonly Pad[] = [
  { kind: 'sense', sense: GRASS_SEEN }, { kind: 'sense', sense: ROOTS_FELT },
  {
    kind: 'put',
    put: { id: 'watered', label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered with' },
  },
]

function asksFor(batch: BegunBatch, surroundings: Surroundings): Ask[] {
  const { now } = surroundings
  const looked = lastFound(batch, GRASS, ROOTS)
  const lookDue = addDays(new Date(looked?.at ?? batch.began.at), TURF.lookEveryDays)
  const sense = everFound(batch).some(({ finding }) => finding === 'gone') ? ROOTS_FELT : GRASS_SEEN
  const wetDue = addDays(new Date(batch.puts.findLast(({ waterL }) => waterL > 0)?.at ?? batch.began.at), TURF.waterAfterDays)
  const [ready] = way.windows(batch, surroundings)
  const water: Ask = {
    action: 'watered', doing: openPad('watered'), label: 'Watered', icon: 'i-ph-drop', title: 'Water the stack',
    reason: 'Dry turf does not rot. Feel a hand deep, and water it where it is dusty.',
    due: wetDue,
    until: addDays(wetDue, 30),
    urgency: 'whenever',
  }
  const take: Ask = {
    action: 'take', doing: { kind: 'page', page: 'take' }, label: 'Sieve it', icon: 'i-ph-funnel', title: 'Cut it down and sieve it',
    reason: 'It should crumble by now: break a turf first.', due: ready!.from, until: ready!.to, urgency: 'whenever',
  }
  return [
    {
      action: sense.id, doing: openPad(sense.id), label: 'Look', icon: sense.icon, title: sense.question,
      reason: 'It tells how far it is.', due: lookDue, until: addDays(lookDue, 30), urgency: 'whenever',
    },
    ...(batch.began.approachId === COVERED && surroundings.weather.ambientC(now) > 5 ? [water] : []),
    ...(ready!.from <= addDays(now, 7) ? [take] : []),
  ]
}

/** A stack from its first day to the sieve. */
export const life: Omit<Life, 'forecaster' | 'situate' | 'looking'> = {
  pads: PADS, taskWords: { [GRASS]: 'looking at the grass', [ROOTS]: 'breaking a turf', watered: 'watering', take: 'sieving it' },
  takeCautions: [
    'Gloves for soil; damp it before you sieve it, and a mask where it is dusty.',
    'Wireworms and chafer grubs live in turf: not where potatoes come next.', LIFTING,
  ],
  inParts: true,
  alsoWentIn: ({ began }, units) => [`${quantityText('volume', units, roughly(turfL(began.answers)))} of turf`],
  windows: way.windows, told: way.told, lastDay: way.lastDay, charts: way.charts, gates: () => [],
  standing: (batch, surroundings) => {
    const rotted = way.shareOn(batch, surroundings)
    if (batch.ended) return { phase: 'ended', label: 'Sieved', sentence: 'It is over.', tone: 'good' }
    const [label, sentence] = rotted >= 1
      ? ['Loam', 'It should crumble when you cut it.'] as const
      : rotted > 0.35
        ? (['Roots letting go', 'The grass should be gone.'] as const)
        : (['Dying back', 'The grass lives off its roots.'] as const)
    return { phase: label, label, sentence, figure: percentText(Math.min(1, rotted)), tone: 'good' }
  },
  tasks: (batch, surroundings) => batch.ended ? [] : tasksFrom(batch.id, asksFor(batch, surroundings)),
  picture: (batch, surroundings, day) => stackPicture(
    batch.name, batch.began.site, turfLeftL(batch), way.shareOn(batch, surroundings, day), batch.began.approachId === COVERED,
  ),
  facts: (batch, { units, now }) => batch.ended
    ? []
    : [{
        label: 'Turf in it', value: quantityText('volume', units, roughly(turfLeftL(batch))),
        why: `stacked ${agoText(batch.began.at, now)}`,
      }],
  prospects: (batch, surroundings) => batch.ended
    ? []
    : way.windows(batch, surroundings).filter(({ beyond }) => !beyond)
        .flatMap(window => prospectOf(batch, window, LOAM, TURF.yieldShare.typical * turfLeftL(batch))),
  outputs: batch => [{
    ...LOAM, hint: 'into mixes for pots and seeds, or onto beds',
    expectedL: TURF.yieldShare.typical * turfLeftL(batch),
  }],
}
