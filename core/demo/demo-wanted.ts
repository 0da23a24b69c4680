import { addMonths, endOfMonth, format, getMonth, startOfMonth } from 'date-fns'
import { writeDocument, type GardenDocument } from '../journal/document'
import type { Climate } from '../garden/climate'
import { INCOME_KIND, incomeValues, litresAWeekOf, type Income } from '../year/income'
import { NEED_KIND, needValues, type Need } from '../year/need'

/** What the demo garden will want, by month of the northern year from 0: fruit wants more mulch than its cages give. */
const WANTED: readonly (Pick<Need, 'name' | 'purpose' | 'litres' | 'materialId'> & { readonly month: number })[] = [
  { name: 'Leaf mulch for the fruit', purpose: 'mulch', materialId: 'leaf-mould-coarse', litres: 400, month: 9 },
  { name: 'Compost for the beds', purpose: 'beds', litres: 260, month: 3 },
  { name: 'Mould for sowing', purpose: 'seeds', litres: 12, month: 1 },
  { name: 'Mix for the tomatoes', purpose: 'potting', litres: 90, month: 4 },
]

const COMES: readonly Omit<Income, 'id' | 'litresAWeek'>[] = [
  { materialId: 'grass-clippings', measure: 'lawn', count: 80, fromMonth: 4, toMonth: 10 },
  { materialId: 'leaves-mixed', measure: 'trees', count: 10, fromMonth: 10, toMonth: 12 },
  { materialId: 'kitchen-veg', measure: 'week', count: 12, fromMonth: 1, toMonth: 12 },
]

/** What the demo garden wants and what comes in, each need in its next year. @param at when it was written down. */
export function demoWanted(today: Date, at: string, { latitudeDeg }: Pick<Climate, 'latitudeDeg'>): GardenDocument[] {
  // South of the equator the year is half a year on.
  const on = (month: number) => (month + (latitudeDeg < 0 ? 6 : 0)) % 12
  const monthOn = (month: number) => on(month - 1) + 1
  const needs = WANTED.map(({ month, ...need }, index) => {
    const first = addMonths(startOfMonth(today), (on(month) - getMonth(today) + 12) % 12)
    return writeDocument(undefined, `${NEED_KIND}.demo-${index}`, NEED_KIND, needValues({
      ...need, from: format(first, 'yyyy-MM-dd'), to: format(endOfMonth(first), 'yyyy-MM-dd'), yearly: true, bedIds: [],
    }), at, 'demo')
  })
  const incomes = COMES.map(({ fromMonth, toMonth, ...one }, index) => {
    const income = { ...one, fromMonth: monthOn(fromMonth), toMonth: monthOn(toMonth) }
    return writeDocument(
      undefined, `${INCOME_KIND}.demo-${index}`, INCOME_KIND,
      incomeValues({ ...income, litresAWeek: Math.round(litresAWeekOf(income.measure, income.count, income)) }), at, 'demo',
    )
  })
  return [...needs, ...incomes]
}
