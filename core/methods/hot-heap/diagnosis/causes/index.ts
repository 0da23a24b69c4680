import type { HeapCause } from '../cause'
import { cold } from './cold'
import { dry } from './dry'
import { nitrogenPoor } from './nitrogen-poor'
import { nitrogenRich } from './nitrogen-rich'
import { openFood } from './open-food'
import { small } from './small'
import { smouldering } from './smouldering'
import { spent } from './spent'
import { stale } from './stale'
import { overheated } from './too-hot'
import { unmixed } from './unmixed'
import { wetAirless } from './wet-airless'

/** Everything that can be wrong with a hot heap. A new cause is a file and a line here. */
export const CAUSES: readonly HeapCause[] = [
  smouldering, small, dry, nitrogenPoor, wetAirless, nitrogenRich, stale, spent, cold, overheated, unmixed, openFood,
]
