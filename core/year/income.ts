import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { between, idSchema } from '../journal/kinds/base'
import { constants, of } from '../constants/constants'
import { DAY_MS } from '../units/time'

/** What comes in of a material in some months of each year, loose litres a week. */
export interface Income {
  readonly id: string
  readonly materialId: string
  readonly litresAWeek: number
  /** From the first to the last of these months, 1 to 12; over the new year where the first is the later. */
  readonly fromMonth: number
  readonly toMonth: number
  /** What it was reckoned from, as it was said: so many m² of lawn. */
  readonly measure: Measure
  readonly count: number
}

/** By what people know how much comes in. */
export const MEASURES = ['week', 'lawn', 'raked', 'trees', 'hedge', 'loads'] as const
export type Measure = typeof MEASURES[number]

export const INCOME_KIND = 'income'
export const INCOME = constants('What comes in', {
  lawn: of(0.5, 0.2, 1, 'L/m²', 'of loose clippings a week while grass grows; own estimate'),
  raked: of(20, 8, 40, 'L/m²', 'of loose leaves in an autumn under and beside trees; own estimate'),
  tree: of(400, 150, 1000, 'L', 'of loose leaves from a grown garden tree in an autumn; own estimate'),
  hedge: of(30, 15, 60, 'L', 'of clippings from a metre of hedge in a year, both cuts; own estimate'),
  load: of(400, 200, 1000, 'L', 'in a small trailer; usual measure'),
  weeksAMonth: of(4.348, 4.34, 4.36, 'weeks', 'in a month; definition'),
  brownsToGreen: of(2, 1.5, 3, 'L/L', 'of browns for a litre of greens, both loose; practice'),
  liesDays: of(56, 28, 80, 'd', 'what keeps and fell since then can still be raked up; own estimate'),
  keepsLongDays: of(90, 60, 120, 'd', 'what keeps longer can be hoarded; choice, as the store has it'),
})

const month = v.pipe(between(1, 12), v.integer())
const schema = v.object({
  materialId: idSchema, litresAWeek: between(0, 20_000), fromMonth: month, toMonth: month,
  measure: v.fallback(v.picklist(MEASURES), 'week'), count: v.fallback(between(0, 100_000), 0),
})

/** What a gardener said comes in. */
export function readIncomes(documents: readonly GardenDocument[]): Income[] {
  return documents.filter(({ kind }) => kind === INCOME_KIND).flatMap((document) => {
    const values = documentValues(document)
    const parsed = v.safeParse(schema, values)
    return parsed.success && values.removed !== true ? [{ id: document.id, ...parsed.output }] : []
  })
}

/** What comes in as fields of its document. */
export function incomeValues(
  { materialId, litresAWeek, fromMonth, toMonth, measure, count }: Omit<Income, 'id'>,
): Record<string, FieldValue> {
  return { materialId, litresAWeek, fromMonth, toMonth, measure, count, removed: false }
}

/** How many months it comes in. */
export function monthsOf({ fromMonth, toMonth }: Pick<Income, 'fromMonth' | 'toMonth'>): number {
  return (toMonth - fromMonth + 12) % 12 + 1
}

/** Litres a week by what was counted, spread over its months. @param count not negative. */
export function litresAWeekOf(measure: Measure, count: number, months: Pick<Income, 'fromMonth' | 'toMonth'>): number {
  const weeks = monthsOf(months) * INCOME.weeksAMonth
  switch (measure) {
    case 'week': return count
    case 'lawn': return count * INCOME.lawn
    case 'raked': return count * INCOME.raked / weeks
    case 'trees': return count * INCOME.tree / weeks
    case 'hedge': return count * INCOME.hedge / weeks
    case 'loads': return count * INCOME.load / weeks
  }
}

/** Whether it comes in in a month, 1 to 12. */
export function comesIn({ fromMonth, toMonth }: Pick<Income, 'fromMonth' | 'toMonth'>, at: number): boolean {
  return fromMonth <= toMonth ? at >= fromMonth && at <= toMonth : at >= fromMonth || at <= toMonth
}

/** Litres that come in between two moments. */
export function comesBetween(incomes: readonly Income[], materialId: string, from: Date, to: Date): number {
  let litres = 0
  for (const one of incomes) {
    if (one.materialId !== materialId) continue
    for (let at = from.getTime(); at < to.getTime(); at += DAY_MS)
      if (comesIn(one, new Date(at).getMonth() + 1)) litres += one.litresAWeek / 7
  }
  return litres
}
