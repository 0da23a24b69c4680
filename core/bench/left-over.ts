import type { LeftLying } from '../balancing/spoiling'
import type { Family } from '../materials/material'
import { containerText } from '../units/container'

/** Where what spoils goes that a heap cannot take, by what it is. */
const GOES: Readonly<Partial<Record<Family, string>>> = {
  kitchen: 'dig it in a spade deep, or begin a second heap in a week',
  grass: 'lay it as a mulch no thicker than two fingers, or let it dry',
  plant: 'wilt it and lay it under the hedge, or begin a second heap in a week',
  manure: 'heap it under a sheet: it keeps for weeks',
}
const ELSEWHERE = 'let it dry, or begin a second heap in a week'

/** What stays lying and where it goes: "3 buckets of windfalls stay: dig it in…"; nothing where all of it goes in. */
export function leftOverText(left: readonly LeftLying[]): string | undefined {
  const [first] = left
  if (!first) return undefined
  const said = left.map(({ offer: { container, material }, count }) => `${containerText(count, container)} of ${material.short}`)
  const { mostShare, family } = first.offer.material
  const sparing = mostShare === undefined ? '' : ', since a heap takes little of it'
  return `leaves ${said.join(' and ')}${sparing}: ${GOES[family] ?? ELSEWHERE}`
}
