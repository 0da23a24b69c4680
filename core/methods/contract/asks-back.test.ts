import { describe, expect, it } from 'vitest'
import type { Gauge } from '../../journal/garden'
import { farFromLast } from './asks-back'

const at = (day: number) => new Date(Date.UTC(2026, 4, 2 + day)).toISOString()
const read = (day: number, value: number, spot = 'core') => ({ eventId: `e${day}`, at: at(day), spot, value, source: 'hand' }) as Gauge
const HEAT = { id: 'heat', unit: 'temperature', byThermometer: true } as const
const batch = { gauged: { heat: [read(3, 62), read(4, 60), read(4, 30, 'edge')] } }

describe('a reading that is asked back', () => {
  it('lies more than twelve kelvin from the one before and from what is expected', () => {
    expect(farFromLast(batch, HEAT, { core: 41 }, { core: 57 }, at(5))).toMatchObject({ value: 60, at: at(4) })
    expect(farFromLast(batch, HEAT, { core: 49 }, { core: 57 }, at(5))).toBeUndefined()
    // Turned since: the fall was to be expected.
    expect(farFromLast(batch, HEAT, { core: 41 }, { core: 45 }, at(5))).toBeUndefined()
    expect(farFromLast(batch, HEAT, { edge: 50 }, { edge: 31 }, at(5))).toMatchObject({ spot: 'edge' })
  })

  it('is none where nobody read lately, of another spot, or of a stick', () => {
    expect(farFromLast(batch, HEAT, { core: 20 }, { core: 57 }, at(9))).toBeUndefined()
    expect(farFromLast(batch, HEAT, { soil: 20 }, {}, at(5))).toBeUndefined()
    expect(farFromLast(batch, { ...HEAT, unit: 'length' }, { core: 20 }, {}, at(5))).toBeUndefined()
    expect(farFromLast({ gauged: {} }, HEAT, { core: 20 }, {}, at(5))).toBeUndefined()
  })
})
