import { addDays } from 'date-fns'
import { LIBRARY_BOOK } from '../../materials/book'
import { materialOf } from '../../mix/portion'
import { numberOf, type Question } from '../../questions/question'
import { quantityText, roughly } from '../../units/format'
import { range } from '../../units/range'
import { siteAreaM2, siteFrontM, type Site } from '../../vessel/site'
import type { Vessel } from '../../vessel/vessel'
import type { Answers } from '../../questions/answers'
import type { Picture } from '../../picture/picture'
import { type Draft, ownOf, type Proposal, type Surroundings } from '../contract'
import { COVERED, CREEPING, GROWN, plannedDays } from './course'
import { takenL } from '../course'
import type { BegunBatch } from '../../journal/garden'
import { TURF } from './constants'

/** What was lifted: square metres, metres thick. */
const AREA = 'areaM2'
const THICK = 'thickM'
/** As which it comes, and what it is called. */
export const LOAM = { label: 'Loam, sieved', materialId: 'loam' } as const
export const LIFTING = 'A turf weighs more than it looks: small pieces, a barrow half full, knees bent.'

/** Where turves are stacked: a corner of the garden, or a crate. */
export const SITES: readonly Site[] = ([
  { id: 'turf-corner', name: 'Corner', wall: 'none', shape: 'box', widthM: 1.2, depthM: 1, heightM: 1.2 },
  { id: 'turf-crate', name: 'Crate of boards', wall: 'boards', shape: 'box', widthM: 1, depthM: 0.8, heightM: 0.8 },
] satisfies Vessel[]).map(vessel => ({ kind: 'vessel', vessel }))

/** What is asked: how much was lifted, how thick, and what grew there. */
export const asksOf = (): readonly Question[] => [
  { id: AREA, kind: 'area', label: 'Lifted', usual: 6, most: 200 },
  { id: THICK, kind: 'length', label: 'Thick', usual: 0.04, most: 0.15 },
  {
    id: GROWN, kind: 'choice', label: 'In it', usual: 'lawn', choices: [
      { id: 'lawn', label: 'lawn or meadow' }, { id: CREEPING, label: 'couch, bindweed, ground elder', hint: 'a second year' },
    ],
  },
]

/** Litres of turf: what was lifted times its thickness. */
export function turfL(answers: Answers): number {
  return 1000 * (numberOf(answers, AREA) ?? 0) * (numberOf(answers, THICK) ?? 0)
}

/** Litres of turf that are left of it when so much loam was taken out. */
export function turfLeftL({ began, takings }: Pick<BegunBatch, 'began' | 'takings'>): number {
  const takenOutL = takings.reduce((sum, taking) => sum + takenL(taking), 0)
  return Math.max(0, turfL(began.answers) - takenOutL / TURF.yieldShare.typical)
}

/** Turves cut through: layers that fade into loam. @param rotted 0 to 1. */
export function stackPicture(of: string, site: Site, litres: number, rotted: number, covered: boolean): Picture {
  const heightM = litres / 1000 / siteAreaM2(site)
  const bands = Array.from({ length: 8 }, () => ({ family: 'plant' as const, short: 'turf', heightShare: 1 / 8 }))
  return {
    of, widthM: siteFrontM(site), heightM: Math.max(0.4, heightM * 1.1), parts: [
      ...(site.kind === 'vessel' ? [{ kind: 'walls' as const, vessel: site.vessel }] : []),
      { kind: 'fill', heightM, bands }, { kind: 'fading', share: Math.min(1, rotted), family: 'mineral' },
      ...(covered ? [{ kind: 'level' as const, yM: heightM, said: 'a dark cover' }] : []), { kind: 'soil' },
    ],
  }
}

/** What a planned stack comes to. */
export function draftOf({ site, approachId, answers }: Proposal, around: Surroundings): Draft {
  const { units, now } = around
  const barrow = ownOf('barrow', around)
  const litres = turfL(answers)
  const heightM = litres / 1000 / siteAreaM2(site)
  const length = (metres: number) => quantityText('length', units, metres)
  const gives = range(TURF.yieldShare.low * litres, TURF.yieldShare.typical * litres, TURF.yieldShare.high * litres)
  const turf = materialOf({ materialId: 'turf' }, LIBRARY_BOOK)
  const [soonest, latest] = plannedDays({ approachId, answers }, around)
  return {
    summary: `${quantityText('volume', units, roughly(litres))} of turf, ${length(heightM)} high.`,
    verdict: litres < 1
      ? { grade: 'poor', text: 'Say how much was lifted.' }
      : heightM > TURF.heightM.leans
        ? {
            grade: heightM > TURF.heightM.falls ? 'poor' : 'workable',
            text: `${length(heightM)} high it ${heightM > TURF.heightM.falls ? 'falls over' : 'leans'}: a wider corner, or two stacks.`,
          }
        : { grade: 'good', text: 'It wants nothing but darkness, damp and time.' },
    ...(litres < 1 ? { refusal: 'Say how much was lifted.' } : {}),
    facts: [
      { label: 'High', value: length(heightM), why: 'straight sides: they shed light, and stay damp' },
      ...(answers[GROWN] === CREEPING
        ? [{ label: 'Roots that creep', value: 'a second year', why: 'dig out what comes through, to the last piece' }]
        : []),
    ],
    warnings: [], picture: stackPicture('The stack cut through', site, litres, 0, approachId === COVERED), waterL: Math.round(litres / 20),
    steps: [
      {
        when: 'before',
        title: 'Lift it, as thick as its roots',
        detail: `About ${length(numberOf(answers, THICK) ?? 0.04)}, in pieces you can carry.`,
        cautions: ['Before you dig or stake: know where cables and pipes lie.', LIFTING],
      },
      {
        when: 'building', title: 'Stack it grass side down', detail: 'Joints staggered, edges straight, each layer wetted.',
        waterL: litres / 20, cautions: [],
      },
      {
        when: 'building', title: approachId === COVERED ? 'Cover it, dark all round' : 'Last turf grass side down too',
        detail: 'Where light gets in, it grows on. Couch, bindweed and ground elder are dug out when they show.', cautions: [],
      },
    ],
    work: [{ label: 'to lift and stack it', minutes: range(litres / 12, litres / 8, litres / 4) }],
    gives: [{ ...LOAM, litres: gives, from: addDays(now, soonest), to: addDays(now, latest) }],
    ...(turf && litres >= 1
      ? { recipe: [{ material: turf, amount: { count: litres / barrow.volumeL, container: barrow, packing: 'loose' as const } }] }
      : {}),
  }
}
