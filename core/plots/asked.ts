import { addDays } from 'date-fns'
import type { Comparison } from '../journal/garden'
import { MEASURES, type MeasureId } from './constants'
import type { PlotPair, PlotTrial } from './trial'

/** Something that is to be looked at on both sides of a pair on one day. */
export interface AskedOfPair { readonly pair: PlotPair, readonly measure: MeasureId, readonly due: Date }

/** What a trial asks for by now, both sides at once: each measure of each pair when its days are over since it was last looked at. */
export function askedOfPlots(trial: PlotTrial, comparisons: readonly Comparison[], now: Date): AskedOfPair[] {
  return trial.pairs.flatMap(pair => trial.measures.flatMap((measure): AskedOfPair[] => {
    const every = MEASURES.find(({ id }) => id === measure)!.everyDays
    const last = comparisons.findLast(one => one.trialId === trial.id && one.pairId === pair.id && one.measure === measure)
    const due = addDays(new Date(last?.at ?? trial.startedAt), every)
    return due <= now ? [{ pair, measure, due }] : []
  }))
}
