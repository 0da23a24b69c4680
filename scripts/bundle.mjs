// Runs a script of bench/ written in TypeScript against the core: bundled into a temporary folder, run, removed.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { ROOT } from './steps.mjs'

/** @param {string} name file in bench/, without its ending. */
export async function runBundled(name) {
  const { build } = await import('vite')
  const out = mkdtempSync(join(tmpdir(), `wastrum-${name}-`))
  try {
    await build({
      configFile: false, root: ROOT, logLevel: 'error', resolve: { alias: { '#core': join(ROOT, 'core') } },
      build: {
        ssr: join(ROOT, `bench/${name}.ts`), outDir: out, emptyOutDir: true,
        rollupOptions: { output: { entryFileNames: `${name}.mjs` } },
      },
      ssr: { noExternal: true },
    })
    await import(pathToFileURL(join(out, `${name}.mjs`)).href)
  }
  finally {
    rmSync(out, { recursive: true, force: true })
  }
}
