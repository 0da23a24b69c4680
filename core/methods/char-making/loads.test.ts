import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aroundOn } from '../../../test/builders/batches'
import { findMaterial } from '../../materials/book'
import { completed } from '../../questions/question'
import { siteVolumeL } from '../../vessel/site'
import { charMaking } from '.'
import { loadOf, yielded } from './load'
import { sitesOf } from './sites'
import { endingAt } from './endings'
import { stoppingL } from './water'
import { wayOf, WAYS } from './ways'
import * as words from './words'

const LITRE = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }
const BURNING = WAYS.filter(({ burns }) => burns).map(({ id }) => id)
const { materials } = aroundOn(0)
const load = (id: string, litres: number, percentOfDry: number, stuff = 'wood-dry') => {
  const answers = completed(charMaking.plan.asks(id), { [words.KNOWN_BY]: 'meter', [words.METER]: percentOfDry })
  return loadOf(
    [{ material: findMaterial(stuff)!, amount: { count: litres, container: LITRE, packing: 'loose' } }], answers, sitesOf(id)[0]!,
    wayOf(id), materials,
  )
}
const way = fc.constantFrom(...BURNING)
const litres = fc.double({ min: 1, max: 600, noNaN: true })
const meter = fc.integer({ min: 0, max: 70 })

const waterNeedL = (id: string, gives: ReturnType<typeof yielded>) => stoppingL(endingAt(sitesOf(id)[0]!, wayOf(id).endings!), gives)

/** Whatever is burnt, however much and however damp: what has to hold for all loads, and not for the worked one only. */
describe('loads of any size and dampness', () => {
  it('twice the wood gives twice the char and wants twice the water', () => {
    fc.assert(fc.property(way, litres, meter, (id, much, damp) => {
      const [one, two] = [yielded(load(id, much, damp), wayOf(id)), yielded(load(id, 2 * much, damp), wayOf(id))]
      expect(two.crushedL.typical).toBeCloseTo(2 * one.crushedL.typical, 6)
      expect(waterNeedL(id, two)).toBeCloseTo(2 * waterNeedL(id, one), 6)
    }))
  })

  it('damper wood never gives more char, and never burns sooner', () => {
    fc.assert(fc.property(way, litres, meter, fc.integer({ min: 0, max: 10 }), (id, much, damp, more) => {
      const [dry, wet] = [load(id, much, damp), load(id, much, damp + more)]
      expect(yielded(wet, wayOf(id)).crushedL.typical).toBeLessThanOrEqual(yielded(dry, wayOf(id)).crushedL.typical + 1e-9)
      expect(wayOf(id).minutes(wet)).toBeGreaterThanOrEqual(wayOf(id).minutes(dry) - 1e-9)
    }))
  })

  it('the range holds its middle, char is less than the wood was, and quenching wants more than its bulk', () => {
    fc.assert(
      fc.property(way, litres, meter, fc.constantFrom('wood-dry', 'peels-dry', 'stems-invasive', 'twigs'), (id, much, damp, stuff) => {
        const gives = yielded(load(id, much, damp, stuff), wayOf(id))
        const { low, typical, high } = gives.crushedL
        expect(low).toBeLessThanOrEqual(typical + 1e-9)
        expect(typical).toBeLessThanOrEqual(high + 1e-9)
        if (!gives.typical.ok) throw new Error(gives.typical.error)
        expect(gives.typical.value.lumpL).toBeLessThan(much)
        // What is shut in by its lid gets none.
        if (wayOf(id).closed) expect(waterNeedL(id, gives)).toBe(0)
        else expect(waterNeedL(id, gives)).toBeGreaterThan(gives.typical.value.lumpL)
      }))
  })

  it('a load never stands higher than its vessel, and a full one fills it to its share', () => {
    fc.assert(fc.property(way, litres, (id, much) => {
      const [site] = sitesOf(id)
      const vessel = site!.kind === 'vessel' ? site!.vessel : undefined
      const one = load(id, much, 15)
      expect(one.heightM).toBeLessThanOrEqual(vessel!.heightM + 1e-9)
      expect(load(id, siteVolumeL(site!) * wayOf(id).fills, 15).heightM).toBeCloseTo(vessel!.heightM * wayOf(id).fills, 6)
    }))
  })

  it('nothing on the bench is taken as a vessel full of dry wood, and that is said', () => {
    for (const id of BURNING) {
      const answers = completed(charMaking.plan.asks(id), {})
      const one = loadOf([], answers, sitesOf(id)[0]!, wayOf(id), materials)
      expect(one).toMatchObject({ assumed: true, litres: siteVolumeL(sitesOf(id)[0]!) * wayOf(id).fills })
      expect(load(id, 10, 15).assumed).toBe(false)
    }
  })
})
