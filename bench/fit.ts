import { CONSTANTS, CONSTANT_NAMES, USUAL_CONSTANTS, type ConstantName, type Constants } from '#core/heat/constants'
import { normal, seededRandom } from '#core/random/random'
import { goodMixes } from '../test/builders/good-mixes'
import { CASES, FACTS, factsOfMix, OF_THE_PLAIN_HEAP, type Mix } from '../test/builders/known-facts'

/*
 * Fits the free constants of the heat model to what is known of heaps, over random mixes that the bench calls good; half of
 * them are held back and reported apart. `npm run fit`; ROUNDS=0 only reports, with the effect of a tenth more of each constant.
 */

const MIXES = Number(process.env.MIXES ?? 200)
const ROUNDS = Number(process.env.ROUNDS ?? 0)
const FEW = 20
/** Mixes that a round of fitting looks at. */
const LOOKED_AT = Number(process.env.LOOK ?? 50)
const SEED = 12

const all = goodMixes(MIXES, SEED)
const fitted = all.filter((_, index) => index % 2 === 0)
const heldBack = all.filter((_, index) => index % 2 === 1)

interface Residuals {
  readonly facts: Readonly<Record<string, number>>
  readonly together: number
  readonly everything: number
  readonly misfit: number
}

/** Share of mixes that meet each fact, and how far off they are in the mean of squares, none counting more than 4. */
export function residuals(mixes: readonly Mix[], constants: Constants): Residuals {
  const found = mixes.map(mix => factsOfMix(mix, constants))
  const offs = FACTS.map(({ off }) => found.map(off))
  const cases = CASES.map(({ of, off }) => mixes.slice(0, of === 'once' ? 1 : FEW).map(mix => off(mix, constants)))
  const share = (values: readonly number[]) => values.filter(value => value === 0).length / values.length
  const squares = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + Math.min(4, value * value) + (value > 0 ? 0.15 : 0), 0) / values.length
  return {
    facts: Object.fromEntries([
      ...FACTS.map(({ id }, at) => [id, share(offs[at]!)] as const),
      ...CASES.map(({ id }, at) => [id, share(cases[at]!)] as const),
    ]),
    together: found.filter(one => OF_THE_PLAIN_HEAP.every(({ off }) => off(one) === 0)).length / found.length,
    everything: found.filter((_, index) => offs.every(off => off[index] === 0)).length / found.length,
    misfit: [...offs, ...offs.slice(1, 4), ...cases, ...cases, cases[0]!].reduce((sum, values) => sum + squares(values), 0),
  }
}

const FREE: readonly ConstantName[] = (process.env.FREE?.split(',') as ConstantName[] | undefined) ?? [
  'rapidDay', 'mediumDay', 'slowDay', 'growthDay', 'reach', 'reachDays', 'streamKgDayM2K', 'diesDayK', 'conductivityWmK', 'halfLoadKPa',
  'limpMost', 'dryingKgDayM2', 'coolShare', 'heatMJKg', 'topW', 'settles', 'sidesM', 'creepKgDayM',
]

/** Small random changes of all free constants at once, kept when they help; the changes get smaller while they do not. */
function fit(start: Constants): Constants {
  const random = seededRandom(Number(process.env.SEED ?? 1))
  const look = fitted.slice(0, LOOKED_AT)
  const costOf = (constants: Constants) => {
    const { misfit, together, everything } = residuals(look, constants)
    return misfit - 2 * together - 2 * everything
  }
  let best = start
  let cost = costOf(best)
  let stride = 0.12
  for (let round = 0; round < ROUNDS; round++) {
    const changed = FREE.map((name) => {
      const { low, high } = CONSTANTS[name]
      return [name, Math.min(high, Math.max(low, best[name] * Math.exp(stride * normal(random) * (random() < 0.5 ? 1 : 0))))] as const
    })
    const tried: Constants = { ...best, ...Object.fromEntries(changed) }
    const now = costOf(tried)
    stride = Math.min(0.3, Math.max(0.02, stride * (now < cost ? 1.4 : 0.94)))
    if (now >= cost) continue
    cost = now
    best = tried
    console.log(`${round + 1}: ${cost.toFixed(3)}  ${FREE.map(name => `${name}=${best[name].toPrecision(3)}`).join(' ')}`)
  }
  return best
}

const percent = (share: number) => `${Math.round(100 * share)} %`.padStart(6)
const best = fit(USUAL_CONSTANTS)
const [inFit, apart] = [residuals(fitted, best), residuals(heldBack, best)]
console.log(`\n${MIXES} good mixes, seed ${SEED}; share that meets each fact: in the fit, and held back`)
for (const { id, said } of [...FACTS, ...CASES]) console.log(`${percent(inFit.facts[id]!)} ${percent(apart.facts[id]!)}  ${said}`)
console.log(
  `${percent(inFit.together)} ${percent(apart.together)}  the first four together; misfit ${inFit.misfit.toFixed(2)}, `
  + `${apart.misfit.toFixed(2)}`,
)

console.log(`${percent(inFit.everything)} ${percent(apart.everything)}  every fact of the 1.2 m heap together`)

if (process.env.TENTHS) {
  console.log('\na tenth more of each constant, 60 mixes: ready (median, turned), peak, day under 40 °C, lost in 90 days, share of vapour')
  const some = heldBack.slice(0, 60)
  const middles = (constants: Constants) => {
    const found = some.map(mix => factsOfMix(mix, constants))
    const middle = (of: (one: (typeof found)[number]) => number) => found.map(of).sort((a, b) => a - b)[found.length >> 1]!
    return [
      middle(({ readyTurnedDay }) => readyTurnedDay), middle(({ peakC }) => peakC), middle(({ under40Day }) => under40Day),
      100 * middle(({ lost90 }) => lost90), 100 * middle(({ vapourShare }) => vapourShare),
    ]
  }
  const usual = middles(best)
  for (const name of CONSTANT_NAMES) {
    const changed = middles({ ...best, [name]: best[name] * 1.1 })
    console.log(
      `| ${name} | ${best[name].toPrecision(3)} ${CONSTANTS[name].unit} | `
      + `${changed.map((value, at) => (value - usual[at]! >= 0 ? '+' : '−') + Math.abs(value - usual[at]!).toFixed(1)).join(' | ')} | `
      + `${CONSTANTS[name].source} |`,
    )
  }
}
