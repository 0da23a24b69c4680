// A browser at a served build, for what is measured and tortured from outside.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { freePort } from './steps.mjs'

const FLAGS = [
  '--headless', '--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-component-update',
  '--disable-sync', '--lang=en-GB', '--accept-lang=en-GB',
]

/** Serves a build on a port of its own, or on the one that is given. */
export async function served(serverFile, wanted = 4500 + Math.floor(Math.random() * 200)) {
  const port = await freePort(wanted, '127.0.0.1')
  const home = `http://127.0.0.1:${port}`
  const child = spawn(process.execPath, [serverFile], {
    stdio: 'ignore', env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), NITRO_PORT: String(port), NODE_ENV: 'production' },
  })
  for (let attempt = 0; attempt < 100; attempt++) {
    if (await fetch(`${home}/api/weather`).then(({ ok }) => ok, () => false)) break
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  return { home, stop: () => child.kill() }
}

/** A browser with a profile that outlives it, so that it can be killed and begun again. @param base the folder that it lies in. */
export function profile(base = tmpdir()) {
  const folder = mkdtempSync(join(base, 'wastrum-profile-'))
  return {
    folder,
    launch: async (more = []) => {
      const { default: puppeteer } = await import('puppeteer-core')
      return puppeteer.launch({
        executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium', headless: true, userDataDir: folder,
        args: [...FLAGS, ...more], protocolTimeout: 600_000,
      })
    },
    remove: () => rmSync(folder, { recursive: true, force: true, maxRetries: 5 }),
  }
}

/** Serves a build, opens a page of it in a browser and hands both to `work`. */
export async function withPage(serverFile, work, flags = []) {
  const server = await served(serverFile)
  const own = profile()
  const browser = await own.launch(flags)
  try {
    const page = await browser.newPage()
    page.setDefaultTimeout(300_000)
    return await work(page, path => page.goto(`${server.home}${path}`, { waitUntil: 'load' }), browser)
  }
  finally {
    await browser.close()
    own.remove()
    server.stop()
  }
}
