// A small disk in memory, to be filled to the last byte. Making one takes the right to mount.
import { spawnSync } from 'node:child_process'
import { closeSync, mkdtempSync, openSync, rmSync, writeSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const SIZE_MB = 192

/** A small disk, or nothing where none can be mounted. */
export function smallDisk() {
  const folder = mkdtempSync(join(tmpdir(), 'wastrum-disk-'))
  if (spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${SIZE_MB}m`, 'tmpfs', folder]).status !== 0) {
    rmSync(folder, { recursive: true, force: true })
    return undefined
  }
  const filler = join(folder, 'filler')
  return {
    folder,
    /** Takes all the room that is left. */
    fill: () => {
      const file = openSync(filler, 'a')
      const block = Buffer.alloc(16_384)
      try {
        for (;;) writeSync(file, block)
      }
      catch {
        // There is no room left: that is what it is for.
      }
      closeSync(file)
    },
    clear: () => rmSync(filler, { force: true }),
    remove: () => {
      spawnSync('umount', ['-l', folder])
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
