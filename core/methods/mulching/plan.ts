import type { Answers } from '../../questions/answers'
import { CROPS, depthFor, mulchKindOf, REASONS, type Crop, type MulchKind, type Reason } from '../../mulch/kinds'
import { numberOf } from '../../questions/question'
import type { Range } from '../../units/range'
import { siteAreaM2, type Site } from '../../vessel/site'
import { CROP, REASON, WANTED_M } from './words'

/** What a mulch is to be: how deep, on how much ground. */
export interface MulchPlan {
  readonly kind: MulchKind
  readonly crop: Crop
  readonly reason: Reason
  readonly areaM2: number
  /** As spread loosely, metres: what is advised, and what is wanted. */
  readonly advisedM: Range
  readonly wantedM: number
  /** What it comes to when it has settled, and where it is time for more, metres. */
  readonly settledM: number
  readonly refreshM: number
}

/** The plan behind the answers of a batch or a bench. */
export function mulchPlan({
  site, approachId, answers,
}: {
  readonly site: Site
  readonly approachId: string
  readonly answers: Answers
}): MulchPlan {
  const kind = mulchKindOf(approachId)
  const crop = CROPS.find(one => one === answers[CROP]) ?? 'perennials'
  const reason = REASONS.find(one => one === answers[REASON]) ?? 'weeds'
  const advisedM = depthFor(kind, crop, reason)
  const said = numberOf(answers, WANTED_M) ?? 0
  const wantedM = said > 0 ? said : advisedM.typical
  const settledM = wantedM * kind.settles.typical
  return { kind, crop, reason, areaM2: siteAreaM2(site), advisedM, wantedM, settledM, refreshM: settledM * kind.refreshedAt }
}
