import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { idSchema, momentSchema, nameSchema } from '../journal/kinds/base'
import { MEASURES, type MeasureId } from './constants'

/** A bed, a part of one, or a tray or pot that is no bed. */
export interface Plot {
  readonly bedId?: string
  /** "the left half", or what the tray is called. */
  readonly called: string
}

/** Two plots that are alike but for one thing: with it, and without. */
export interface PlotPair { readonly id: string, readonly with: Plot, readonly without: Plot }

/** One question put to beds, parts of beds, trays or pots, in one pair or several. */
export interface PlotTrial {
  readonly id: string
  readonly name: string
  readonly difference: string
  readonly startedAt: string
  readonly measures: readonly MeasureId[]
  readonly pairs: readonly PlotPair[]
}

export const PLOT_TRIAL_KIND = 'plot-trial'
const MOST_PAIRS = 40

const plotSchema = v.pipe(
  v.object({ bedId: v.optional(idSchema), called: v.fallback(v.pipe(v.string(), v.maxLength(80)), '') }),
  v.check(({ bedId, called }) => bedId !== undefined || called.trim() !== ''),
)
const schema = v.object({
  name: nameSchema, difference: nameSchema, startedAt: momentSchema,
  measures: v.pipe(v.array(v.picklist(MEASURES.map(({ id }) => id))), v.minLength(1), v.maxLength(MEASURES.length)),
  pairs: v.pipe(v.array(v.object({ id: idSchema, with: plotSchema, without: plotSchema })), v.minLength(1), v.maxLength(MOST_PAIRS)),
})

/** Whether two plots are one and the same ground. */
export const isSamePlot = (one: Plot, other: Plot): boolean =>
  one.bedId === other.bedId && one.called.trim().toLowerCase() === other.called.trim().toLowerCase()

/** The trials of beds and pots, the latest first; what cannot be read is left out. */
export function readPlotTrials(documents: readonly GardenDocument[]): PlotTrial[] {
  return documents.filter(({ kind }) => kind === PLOT_TRIAL_KIND).flatMap((document) => {
    const values = documentValues(document)
    const parsed = v.safeParse(schema, values)
    const pairs = parsed.success ? parsed.output.pairs.filter(one => !isSamePlot(one.with, one.without)) : []
    return parsed.success && pairs.length > 0 && values.removed !== true ? [{ ...parsed.output, pairs, id: document.id }] : []
  }).sort((a, b) => a.startedAt < b.startedAt ? 1 : -1)
}

/** A trial of plots as fields of its document. */
export function plotTrialValues({ name, difference, startedAt, measures, pairs }: Omit<PlotTrial, 'id'>): Record<string, FieldValue> {
  return {
    name, difference, startedAt, measures: [...measures], removed: false,
    pairs: pairs.map(({ id, with: mine, without: theirs }) => ({ id, with: { ...mine }, without: { ...theirs } })),
  }
}
