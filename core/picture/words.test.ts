import { describe, expect, it } from 'vitest'
import { VESSEL_PRESETS } from '../vessel/presets'
import type { Picture } from './picture'
import { pictureWords } from './words'

const picture = (parts: Picture['parts']): Picture => ({ of: 'A heap', widthM: 1, heightM: 1, parts })

describe('a picture in words', () => {
  it('says what there is to see, in the reader\'s units, and nothing that is only there for the eye', () => {
    const heap = picture([
      { kind: 'walls', vessel: VESSEL_PRESETS[0]! },
      {
        kind: 'fill', heightM: 0.8,
        bands: [
          { family: 'leaf', short: 'leaves', heightShare: 0.5 }, { family: 'grass', short: 'grass', heightShare: 0.3 },
          { family: 'leaf', short: 'leaves', heightShare: 0.2 },
        ],
      },
      { kind: 'fading', share: 0.3, family: 'finished' }, { kind: 'glow', aboveAirK: 40 },
      { kind: 'mark', xM: 0.5, yM: 0.4, temperatureC: 55 }, { kind: 'level', yM: 1, said: 'built' }, { kind: 'soil' },
    ])
    expect(pictureWords(heap, 'metric').replace(/ /g, ' ')).toBe(
      'A heap, 80 cm high, from the ground up: leaves, grass, warm inside, 55 °C, built at 100 cm',
    )
    expect(pictureWords(heap, 'us').replace(/ /g, ' ')).toBe(
      'A heap, 31 in high, from the ground up: leaves, grass, warm inside, 131 °F, built at 39 in',
    )
  })

  it('says liquids, foam, pockets, shells and channels, and leaves out foam that is none', () => {
    const bucket = picture([
      { kind: 'liquid', levelM: 0.2, said: 'liquid', dark: 0.5 }, { kind: 'foam', fromM: 0.2, heightM: 0 },
      { kind: 'pocket', xM: 0.1, yM: 0.1, widthM: 0.1, heightM: 0.1, family: 'finished', said: 'a bag' },
      { kind: 'shell', thickM: 0.1, said: 'dry outside' }, { kind: 'channel', channel: { xM: 0, yM: 0, diameterM: 0.1 }, heightM: 1 },
      { kind: 'glow', aboveAirK: 2 },
    ])
    expect(pictureWords(bucket, 'metric').replace(/ /g, ' ')).toBe(
      'A heap, liquid up to 20 cm, a bag, dry outside, 10 cm thick, an air channel',
    )
    expect(pictureWords(picture([{ kind: 'foam', fromM: 0.2, heightM: 0.05 }]), 'metric').replace(/ /g, ' ')).toBe('A heap, foam 5 cm high')
  })

  it('leaves out foam below three millimetres and warmth of five degrees or less, and says a mark in its own words', () => {
    const said = (...parts: Picture['parts']) => pictureWords(picture(parts), 'metric').replace(/ /g, ' ')
    expect(said({ kind: 'foam', fromM: 0.2, heightM: 0.0015 })).toBe('A heap')
    expect(said({ kind: 'foam', fromM: 0.2, heightM: 0.01 })).toBe('A heap, foam 1 cm high')
    expect(said({ kind: 'glow', aboveAirK: 4 })).toBe('A heap')
    expect(said({ kind: 'glow', aboveAirK: 6 })).toBe('A heap, warm inside')
    expect(said({ kind: 'glow', aboveAirK: 40, depthsK: [40, 30, 12] })).toBe(
      'A heap, warm inside, 40 °C above the air in the core and 12 °C at the edge',
    )
    expect(
      said({ kind: 'fill', heightM: 0.5, bands: [] }, { kind: 'mark', xM: 0, yM: 0, text: 'air' }, { kind: 'mark', xM: 0, yM: 0 }),
    ).toBe('A heap, 50 cm high, air')
  })
})
