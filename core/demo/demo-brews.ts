import type { NewEvent } from '../journal/event'
import { amountsFor } from '../methods/brew/amounts'
import { kindOf } from '../methods/brew/kinds'
import { SITES } from '../methods/brew/sites'
import { AIR, FOAM, SMELL, STIRRED } from '../methods/brew/words'
import { DAY_MS } from '../units/time'
import { asVessel } from '../vessel/site'

/** A brew whose foam rises, one gone foul, and a tea that was given and is done. */
export function demoBrews(today: Date): NewEvent[] {
  const on = (daysAgo: number) => new Date(today.getTime() - daysAgo * DAY_MS).toISOString()
  const begin = (
    batchId: string, name: string, place: string, approachId: string, siteId: string, stands: string, daysAgo: number,
  ): NewEvent => {
    const site = SITES.find(one => asVessel(one).id === siteId)!
    return {
      kind: 'began', at: on(daysAgo), batchId, name, place, methodId: 'brew', approachId, site, answers: { stands, areaM2: 20 },
      inputs: [], waterL: Math.round(10 * amountsFor(kindOf(approachId), site).waterL) / 10,
    }
  }
  const foam = (batchId: string, daysAgo: number, heightM: number): NewEvent => ({
    kind: 'gauged', at: on(daysAgo), batchId, quantity: FOAM, source: 'hand', values: [{ spot: 'top', value: heightM }],
  })
  const smelt = (batchId: string, daysAgo: number, finding: string): NewEvent => ({
    kind: 'observed', at: on(daysAgo), batchId, sense: SMELL, finding,
  })
  const given = (batchId: string, daysAgo: number, litres: number, place: string, areaM2: number, parts: number): NewEvent => ({
    kind: 'used', at: on(daysAgo), batchId, litres, place, areaM2, waterL: litres * parts,
  })
  return [
    begin('demo-forest-bucket', 'Forest bucket', 'in the porch', 'starter', 'brew-big-bucket', 'room', 3),
    foam('demo-forest-bucket', 2, 0.01),
    foam('demo-forest-bucket', 1, 0.03),
    smelt('demo-forest-bucket', 1, 'yeasty'),
    foam('demo-forest-bucket', 0.1, 0.055),
    begin('demo-comfrey-tub', 'Comfrey tub', 'behind the shed', 'green', 'brew-tub', 'outside', 11),
    ...[10, 9, 7].map((daysAgo): NewEvent => ({ kind: 'did', at: on(daysAgo), batchId: 'demo-comfrey-tub', deed: STIRRED, answers: {} })),
    smelt('demo-comfrey-tub', 1.2, 'rotten'),
    begin('demo-castings-tea', 'Castings tea', 'in the greenhouse', 'tea', 'brew-big-bucket', 'room', 26),
    { kind: 'did', at: on(24.6), batchId: 'demo-castings-tea', deed: AIR, answers: { state: 'off' } },
    given('demo-castings-tea', 24.5, 6, 'the leeks', 20, 4), given('demo-castings-tea', 24.45, 7, 'the roses', 25, 4),
    { kind: 'took', at: on(24.4), batchId: 'demo-castings-tea', products: [], ends: true },
  ]
}
