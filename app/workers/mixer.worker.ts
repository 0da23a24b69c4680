import { expose } from 'comlink'
import { proposeMixes, type Wanted } from '#core/growing/propose'
import type { Offered } from '#core/growing/offered'
import type { ContainerThen } from '#core/units/container'

/** Putting growing mixes together, away from the page. */
const mixer = {
  hello: () => true as const,
  propose: (offered: readonly Offered[], wanted: Wanted, container: ContainerThen) => proposeMixes(offered, wanted, container),
}
export type Mixer = typeof mixer

expose(mixer)
