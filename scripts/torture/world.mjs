// What a run has in common: its chance by a seed, its server, its small disk, what it counts, its trail.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chanceOf } from '../chance.mjs'

/** Something that should not be so: it ends the run. */
export class Difference extends Error {}

/** The world of a run. @param disk a small one, where there is one. */
export function worldOf(seed, server, disk) {
  const random = chanceOf(seed)
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
