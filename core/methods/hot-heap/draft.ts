import { addDays } from 'date-fns'
import { containerText } from '../../units/container'
import { quantityText } from '../../units/format'
import { typicalTotals } from '../../mix/balance'
import { judge } from '../../mix/judgement'
import { portionOf } from '../../mix/portion'
import { scaleRange } from '../../units/range'
import { fillHeightM } from '../../vessel/vessel'
import type { Draft, Proposal, Sizing, Surroundings, Verdict } from '../contract'
import { heapPicture } from '../heated/picture'
import { heapProposal } from '../heated/proposal'
import { hotHeapApproach } from './approaches'
import { peakOf } from './outlook'
import { warningsFor } from './cautions'
import { handsOn } from './effort'
import { strataOf } from './layers'
import { standingL } from './stands'
import { verdictOf } from './verdict'
import { buildSteps } from './steps'
import { COMPOST } from './words'

const NOTHING_DECAYS: Verdict = {
  grade: 'poor', weakest: 'mix', text: 'Nothing of this decays: it is a base, a starter or ballast.', advice: 'Add greens and browns.',
}

/** What a planned heap comes to. @param sizing what usually comes out, and when. */
export function draftOf(planned: Proposal, surroundings: Surroundings, { usualYield, daysToReady }: Sizing): Draft {
  const proposal = heapProposal(planned)
  const { vessel, volumeL, waterL, ingredients, approachId } = proposal
  const { units, now, garden: { waterCan } } = surroundings
  const fillM = fillHeightM(vessel, standingL(volumeL))
  const work = handsOn(proposal)
  const judgement = judge(typicalTotals(ingredients.map(portionOf)), hotHeapApproach(approachId).comfort)
  const { earliest, latest } = daysToReady(approachId)
  const water
    = waterL < 0.5
      ? 'no water: it is moist enough.'
      : `water ${containerText(waterL / waterCan.volumeL, waterCan)} (${quantityText('volume', units, waterL)}) in all.`
  const expectedC = peakOf(planned, surroundings)
  return {
    summary: `${quantityText('volume', units, volumeL)} mixed, ${quantityText('length', units, fillM)} high; ${water}`,
    verdict: judgement.ok ? verdictOf(planned, judgement.value, surroundings) : NOTHING_DECAYS,
    facts: [],
    warnings: warningsFor(ingredients, approachId, expectedC, units),
    picture: heapPicture({
      of: `The heap in the ${vessel.name.toLowerCase()}, cut open`, vessel, heightM: fillM,
      bands: strataOf(proposal).map(({ family, short, heightShare }) => ({ family, short, heightShare })),
    }),
    steps: buildSteps(proposal, expectedC, units),
    work: [{ label: 'to build', minutes: work.building }, { label: `each turn, ${work.turns} turns at most`, minutes: work.eachTurn }],
    gives: [{ ...COMPOST, litres: scaleRange(usualYield, volumeL), from: addDays(now, earliest), to: addDays(now, latest) }],
    waterL,
  }
}
