import { describe, expect, it } from 'vitest'
import { bedHistories, charShareOfBed } from '../beds/history'
import type { Bed } from '../beds/bed'
import type { GardenEvent, NewEvent } from '../journal/event'
import { foldGarden } from '../journal/journal'
import { LIBRARY_BOOK } from '../materials/book'
import { burnt } from './burn'
import { slurryOf } from './pores'
import { CHAR } from './constants'

/** One load all the way: wood, fire, crusher, soak, store, bed. What carbon, ash and water do on it. */
describe('from wood to bed', () => {
  const WET_KG = 40
  const MOISTURE = 0.18
  const result = burnt(WET_KG, MOISTURE, 0.2)
  if (!result.ok) throw new Error(result.error)
  const { wood, char, looseAsh, air, charKg, crushedL, lumpL } = result.value
  const LITRE = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }
  const amount = (count: number) => ({ count, container: LITRE, packing: 'loose' as const })
  const event = (id: string, one: NewEvent): GardenEvent => ({ ...one, id, by: 'test', recordedAt: one.at }) as GardenEvent
  const at = (day: number) => new Date(Date.UTC(2026, 8, day, 10)).toISOString()
  const site = {
    kind: 'vessel' as const,
    vessel: { id: 't', name: 'Tub', wall: 'plastic' as const, shape: 'cylinder' as const, diameterM: 0.6, heightM: 0.5 },
  }
  const soak = slurryOf(crushedL, 0.6)
  const OUT_L = 40
  const garden = foldGarden([
    event('char', { kind: 'stocked', at: at(1), materialId: 'biochar-crushed', amount: amount(crushedL), source: '' }),
    event('soak', {
      kind: 'began', at: at(2), batchId: 's', name: 'Soak', place: '', methodId: 'm', approachId: 'a', site, answers: {},
      waterL: soak.waterL,
      inputs: [
        { role: 'feed', materialId: 'biochar-crushed', amount: amount(crushedL), draws: [{ lotId: 'char', litres: crushedL }] },
        { role: 'feed', materialId: 'worm-castings', amount: amount(soak.livingL), draws: [] },
      ],
    }),
    event('out', { kind: 'took', at: at(20), batchId: 's', ends: true, products: [{ materialId: 'char-charged', amount: amount(OUT_L) }] }),
    event('one', { kind: 'used', at: at(21), lotId: 'out.0', litres: 25, place: 'A', bedId: 'a' }),
    event('two', { kind: 'used', at: at(22), lotId: 'out.0', litres: 15, place: 'B', bedId: 'b' }),
  ])
  const beds = ['a', 'b'].map((id): Bed => ({
    id, name: id, ground: { shape: 'rectangle', widthM: 1, lengthM: 3 }, soil: 'loam', reaction: 'neutral', grows: 'usual',
    eaten: 'clear', depthM: 0.1,
  }))
  const histories = bedHistories(garden, beds, LIBRARY_BOOK)
  const charL = (id: string) => histories.get(id)!.reduce((sum, one) => sum + one.charL, 0)

  it('the char that was burnt lies on the beds, to the litre: nothing of it decays on the way', () => {
    expect(charL('a') + charL('b')).toBeCloseTo(crushedL, 6)
    // 25 of 40 litres of what came out.
    expect(charL('a')).toBeCloseTo((crushedL * 25) / OUT_L, 6)
    expect(charShareOfBed(beds[0]!, histories.get('a')!)).toBeCloseTo(charL('a') / 300, 9)
    expect(garden.drawnL.get('out.0')).toBeCloseTo(OUT_L, 9)
  })

  it('its carbon is what the wood had less what went up; its ash what the wood had less what was shaken out', () => {
    const onBedsKg = (charL('a') + charL('b')) * CHAR.crushedKgL.typical
    expect(onBedsKg).toBeCloseTo(charKg, 6)
    expect((onBedsKg - char.ash) * CHAR.carbon.char).toBeCloseTo(wood.carbon - air.carbon, 6)
    expect(char.ash).toBeCloseTo(wood.ash - looseAsh.ash, 9)
    // About a third of the carbon stays, as docs/models.md says.
    expect(char.carbon / wood.carbon).toBeGreaterThan(0.3)
    expect(char.carbon / wood.carbon).toBeLessThan(0.36)
  })

  it('its water: all of the wood\'s goes up, and what the soak holds is drunk, between or over the char', () => {
    expect(air.water).toBeCloseTo(WET_KG * MOISTURE, 9)
    expect(char.water).toBe(0)
    const between = crushedL * 0.45 + soak.livingL * 0.3
    expect(soak.waterL).toBeCloseTo(soak.drunkL + between + crushedL * 0.2, 6)
    // What it drinks is one and a half to three times its mass.
    expect(soak.drunkL / charKg).toBeGreaterThan(1.5)
    expect(soak.drunkL / charKg).toBeLessThan(3)
    expect(crushedL / lumpL).toBeCloseTo(2 / 3, 6)
  })
})
