import type { PossibleCause } from '../../../diagnosis/judge'
import type { Remedy } from '../../contract'
import type { Facts } from './facts'

/** One thing that can be wrong with a heap. One file each. */
export type HeapCause = PossibleCause<Facts, Remedy>
