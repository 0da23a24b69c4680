import { inputsOf, type BegunBatch } from '../../journal/garden'
import { amountVolumeL } from '../../units/container'
import { takenL } from '../course'
import type { Output, Surroundings } from '../contract'
import { cageOn } from './now'
import { GRADES } from './rates'
import { table } from '../../constants/constants'

/** Share of the middle that falls through a fine sieve, by how far it has come: own estimate. */
export const FALLS_THROUGH = table('What of leaf mould falls through a fine sieve', {
  share: ['share', 'of the middle; own estimate'],
  left: ['share', 'of its mass left; as the grades'],
}, [
  { left: GRADES[2].massLeft, share: 0.8 }, { left: GRADES[1].massLeft, share: 0.6 }, { left: GRADES[0].massLeft, share: 0.15 },
] as const)

/** Share of the middle that is fine enough to be sieved, 0 to 1. */
export function fineShare(left: number): number {
  return FALLS_THROUGH.find(grade => left <= grade.left)?.share ?? 0
}

/** The three streams of a harvest: raw outside, coarse, fine; with what is expected of each now. */
export function outputsOf(batch: BegunBatch, surroundings: Surroundings): Output[] {
  const cage = cageOn(batch, surroundings)
  const inL = inputsOf(batch).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
  const outL = batch.takings.reduce((sum, taking) => sum + takenL(taking), 0)
  // However high it was measured, no more comes out than went in.
  const standsL = Math.min(cage?.volumeL ?? 0, Math.max(0, inL - outL))
  const litres = cage
    ? { raw: standsL * cage.shellShare, core: standsL * (1 - cage.shellShare), fine: fineShare(cage.left) }
    : { raw: 0, core: 0, fine: 0 }
  return [
    {
      materialId: 'leaves-half-rotted', label: 'Raw outside and top', hint: 'taken off first: mulch, or into the next cage',
      expectedL: litres.raw,
    },
    {
      materialId: 'leaf-mould-coarse', label: 'Coarse mould',
      hint: 'what stays on the sieve, or all of it while leaf shapes can be seen: mulch, digging in',
      expectedL: litres.core * (1 - litres.fine),
    },
    {
      materialId: 'leaf-mould', label: 'Fine mould', hint: 'through the sieve: potting and seed mixes', sieveMm: 8,
      expectedL: litres.core * litres.fine,
    },
  ]
}
