import { describe, expect, it } from 'vitest'
import { distanceText, groundWords, type GroundPlan } from './ground'

const plan: GroundPlan = {
  of: 'Tower', ground: { shape: 'circle', diameterM: 1.5 },
  parts: [
    { kind: 'channel', number: 1, xM: 0, yM: 0, diameterM: 0.1, reachM: 0.35, pulled: true },
    { kind: 'channel', number: 2, xM: -0.4, yM: 0.2, diameterM: 0.1, reachM: 0.35, pulled: false },
    { kind: 'distance', fromM: [0, 0], toM: [-0.3, 0.4] },
    {
      kind: 'field', label: '1', xM: 0, yM: 0, widthM: 0.3, depthM: 0.2, family: 'kitchen', share: 0.4, next: true,
      said: 'pocket 1 40 % left, next',
    },
  ],
}
const plain = (text: string) => text.replaceAll('\u00A0', ' ')

describe('something from above, in words', () => {
  it('says where each channel is and whether its pipe is in', () => {
    expect(plain(groundWords(plan, 'metric'))).toBe(
      'Tower from above, 150 cm across; channel 1 in the middle; channel 2 40 cm to the left, 20 cm back, pipe still in; '
      + 'pocket 1 40 % left, next',
    )
    expect(plain(groundWords({ ...plan, ground: { shape: 'box', widthM: 0.6, depthM: 0.4 }, parts: [] }, 'us'))).toBe(
      'Tower from above, 24 in by 16 in',
    )
  })

  it('writes the length beside its line', () => {
    const [distance] = plan.parts.filter(part => part.kind === 'distance')
    expect(plain(distanceText(distance!, 'metric'))).toBe('50 cm')
  })
})
