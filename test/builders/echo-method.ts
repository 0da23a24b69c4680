import { addHours } from 'date-fns'
import type { BegunBatch } from '#core/journal/garden'
import { lookingBy, type Deed, type Method, type Surroundings } from '#core/methods/contract'
import { numberOf } from '#core/questions/question'
import { daysBetween } from '#core/units/time'

/** Hours until an echo has faded. */
const FADES_HOURS = 6
const CALLED = 'called'

const hours = (batch: BegunBatch, { now }: Surroundings) => Math.max(0, 24 * daysBetween(batch.began.at, now))
const loudness = (batch: BegunBatch, surroundings: Surroundings) =>
  batch.did.reduce((sum, { answers, at }) => sum + (numberOf(answers, 'loud') ?? 0) * 0.5 ** (24 * daysBetween(at, surroundings.now)), 0)

const call: Deed = {
  id: CALLED, label: 'Called', icon: 'i-ph-broadcast', how: 'Call across the valley.', cautions: ['Not at night.'],
  asks: [{ id: 'loud', kind: 'count', label: 'How loud', usual: 3, most: 10 }],
  said: (_, answers) => ({ said: `called, ${numberOf(answers, 'loud') ?? 0} loud.`, answer: 'Listen.' }),
  words: answers => `Called, ${numberOf(answers, 'loud') ?? 0} loud.`,
}

/** A method that only tests know: hours long, on open ground, without vessel, heat, turning, mixing, forecast or product. */
export const echo: Method = {
  id: 'echo',
  face: {
    name: 'Echo', summary: 'Calls into a valley and listens.',
    words: {
      one: 'echo', begun: 'Began', approach: 'Manner', sheet: 'How it is done', stepwise: 'Step by step',
      start: 'Begin listening', started: 'Call when you like.', take: 'End it', takenDown: 'Ended', early: 'It still rings.',
    },
    choosing: {
      comings: ['at-once'], standsIn: ['box'], mainly: ['mixed'],
      purposes: ['beds'], weeks: { low: 0.01, typical: 0.04, high: 0.1 }, minutesAWeek: { low: 1, typical: 2, high: 3 },
      heavy: false, eats: [], leastL: 0, line: 'A call and a valley.',
    },
    approaches: [
      { id: 'loudly', name: 'Loudly', summary: 'As loud as you can.' }, { id: 'softly', name: 'Softly', summary: 'Hardly to be heard.' },
    ],
  },
  plan: {
    bench: 'recipe',
    sites: [
      { kind: 'area', id: 'valley', name: 'Valley', ground: { shape: 'rectangle', widthM: 40, lengthM: 90 } },
      { kind: 'area', id: 'round', name: 'Round pond', ground: { shape: 'circle', diameterM: 12 } },
    ],
    asks: () => [{
      id: 'wind', kind: 'choice', label: 'Wind',
      choices: [
        { id: 'still', label: 'Still' }, { id: 'gusty', label: 'Gusty' },
      ],
      usual: 'still',
    }],
    feeds: [],
    draft: ({ answers }) => ({
      summary: 'One call, and what comes back.',
      verdict:
        answers.wind === 'gusty'
          ? { grade: 'workable', text: 'In gusts half of it is lost.' }
          : { grade: 'good', text: 'Still air: every word comes back.' },
      facts: [{ label: 'Fades after', value: `${FADES_HOURS} hours` }],
      warnings: [],
      picture: {
        of: 'A valley', widthM: 4, heightM: 1,
        parts: [{ kind: 'channel', channel: { xM: 0, yM: 0, diameterM: 0.1 }, heightM: 0.8 }, { kind: 'soil' }],
      },
      steps: [{ when: 'building', title: 'Stand at the edge', detail: 'Face the far side.', cautions: ['Mind the drop.'] }],
      work: [{ label: 'to call', minutes: { low: 1, typical: 1, high: 2 } }], gives: [], waterL: 0,
    }),
  },
  life: {
    situate: () => ({ known: [] }), looking: lookingBy(7),
    pads: [
      { kind: 'deed', deed: call },
      {
        kind: 'sense',
        sense: {
          id: 'hear', label: 'Hear', icon: 'i-ph-eye', question: 'What comes back?',
          findings: [
            { id: 'clear', label: 'Every word', sign: 'good', answer: 'The valley is well tuned.' },
            { id: 'nothing', label: 'Nothing', sign: 'mind', answer: 'Call louder.' },
          ],
        },
      },
      {
        kind: 'gauge',
        quantity: {
          id: 'rings', label: 'Rings', icon: 'i-ph-ruler', unit: 'none', limits: [0, 50], button: 'Record the rings',
          spots: [{ id: 'far', label: 'Rings from the far side', said: '{} rings' }],
          expected: (batch, surroundings) => ({ far: Math.round(loudness(batch, surroundings)) }),
        },
      },
    ],
    taskWords: { called: 'calling' }, takeCautions: ['Leave the valley as you found it.'], inParts: false,
    standing: (batch, surroundings) => batch.ended
      ? { phase: 'ended', label: 'Silent', sentence: 'It is over.', tone: 'good' }
      : {
          phase: 'ringing',
          label: hours(batch, surroundings) < FADES_HOURS ? 'Ringing' : 'Faded',
          sentence: `${Math.round(hours(batch, surroundings))} hours, ${Math.round(loudness(batch, surroundings))} loud.`,
          tone: 'good',
        },
    windows: batch => [{
      id: 'faded', label: 'Faded', coming: 'Fades between', begun: 'Faded since', announced: 'has faded',
      from: addHours(new Date(batch.began.at), FADES_HOURS - 1), to: addHours(new Date(batch.began.at), FADES_HOURS),
      reasons: ['Half of it goes each hour.'],
    }],
    tasks: (batch, { now }) =>
      batch.ended
        ? []
        : [
            {
              id: `${batch.id}.called`, batchId: batch.id, action: 'called', doing: { kind: 'pad', pad: CALLED }, label: 'Call',
              icon: 'i-ph-broadcast', title: 'Call again', reason: 'An echo wants a call now and then.',
              due: addHours(new Date(batch.did.at(-1)?.at ?? batch.began.at), 1),
              until: addHours(now > new Date(batch.did.at(-1)?.at ?? batch.began.at) ? now : new Date(batch.began.at), 2),
              urgency: 'usual',
            },
          ],
    picture: batch => ({
      of: batch.name, widthM: 4, heightM: 1, parts: [{ kind: 'level', yM: 0.5, said: 'the far side' }, { kind: 'soil' }],
    }),
    told: (batch, surroundings) => `${Math.round(loudness(batch, surroundings))} loud now.`,
    lastDay: () => 1,
    charts: () => [],
    facts: () => [],
    gates: () => [],
    outputs: () => [],
  },
}
