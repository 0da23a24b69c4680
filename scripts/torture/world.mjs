// What a run has in common: its chance by a seed, its server, its small disk, what it counts, its trail.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** Something that should not be so: it ends the run. */
export class Difference extends Error {}

/** Numbers from 0 to 1, the same for the same seed. */
function chance(seed) {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

export function worldOf(seed, server, disk) {
  const random = chance(seed)
  const folder = mkdtempSync(join(tmpdir(), 'wastrum-torture-'))
  return {
    server, disk, random, folder,
    pick: from => from[Math.floor(random() * from.length)],
    counts: {
      steps: 0, acknowledged: 0, refused: 0, kills: 0, reloads: 0, jumps: 0, imports: 0, takenBack: 0, full: 0, onThePage: 0,
      picturesThrownAway: 0, documents: 0, checks: 0,
    },
    trail: [],
    written: 0,
    told() {
      return Object.entries(this.counts).map(([name, count]) => `${name} ${count}`).join(', ')
    },
    end() {
      server.stop()
      disk?.remove()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
