// WebKitGTK, driven by its own driver over plain requests, on a screen in memory where there is none. Its automation keeps nothing once it
// is closed, so it cannot be killed and opened again.
import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { freePort } from '../steps.mjs'

const DRIVER = process.env.WEBKIT_DRIVER_PATH ?? '/usr/bin/WebKitWebDriver'
const BROWSER = process.env.WEBKIT_PATH ?? '/usr/lib/x86_64-linux-gnu/webkit2gtk-4.1/MiniBrowser'
const SCREEN = ':87'
const ELEMENT = 'element-6066-11e4-a52e-4f735466cecf'
const sleep = ms => new Promise(resolve => setTimeout(resolve, ms))

/** Requests to a session of the driver. */
function sessionAt(address, id) {
  const ask = async (method, path, body) => {
    const answer = await fetch(`${address}/session/${id}${path}`, { method, ...(body ? { body: JSON.stringify(body) } : {}) })
    const { value } = await answer.json()
    if (!answer.ok) throw new Error(`${path}: ${value?.error} ${value?.message}`)
    return value
  }
  const find = async selector => (await ask('POST', '/element', { using: 'css selector', value: selector }))[ELEMENT]
  const evaluate = async (what, ...given) => {
    const { failed, value } = await ask('POST', '/execute/async', {
      script: 'const told = arguments[arguments.length - 1]; Promise.resolve().then(() => '
        + `(${what})(...[...arguments].slice(0, -1))).then(value => told({ value }), cause => told({ failed: String(cause) }))`,
      args: given,
    })
    if (failed) throw new Error(failed)
    return value
  }
  return {
    evaluate,
    goto: url => ask('POST', '/url', { url }),
    type: async (selector, text) => ask('POST', `/element/${await find(selector)}/value`, { text }),
    upload: async (selector, path) => ask('POST', `/element/${await find(selector)}/value`, { text: path }),
    /** What the page hands to be saved is kept in it: the driver says nothing of files. */
    watchSaving: () => evaluate(() => {
      const real = URL.createObjectURL
      URL.createObjectURL = (blob) => {
        void blob.text().then((text) => { globalThis.savedText = text })
        return real.call(URL, blob)
      }
    }),
    saved: () => evaluate(() => globalThis.savedText),
    close: () => fetch(`${address}/session/${id}`, { method: 'DELETE' }),
  }
}

/** Ends a driver with the browser that it began, and waits: the next one would not begin beside it. */
const ended = child => new Promise((resolve) => {
  child.once('exit', resolve)
  try {
    process.kill(-child.pid, 'SIGKILL')
  }
  catch {
    resolve()
  }
})

/** The engine, where it is installed. */
export function webkit() {
  if (!existsSync(DRIVER) || !existsSync(BROWSER) || !existsSync('/usr/bin/Xvfb')) return undefined
  const children = []
  let page
  return {
    name: 'WebKitGTK', remembers: false, prints: false,
    async open() {
      const port = await freePort(4750, '127.0.0.1')
      children.push(
        spawn('/usr/bin/Xvfb', [SCREEN, '-screen', '0', '1280x800x24'], { stdio: 'ignore', detached: true }),
        spawn(DRIVER, [`--port=${port}`], {
          stdio: 'ignore', detached: true, env: { ...process.env, DISPLAY: SCREEN, WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS: '1' },
        }),
      )
      const address = `http://127.0.0.1:${port}`
      for (let attempt = 0; attempt < 50; attempt++) {
        if (await fetch(`${address}/status`).then(({ ok }) => ok, () => false)) break
        await sleep(200)
      }
      const answer = await fetch(`${address}/session`, {
        method: 'POST',
        body: JSON.stringify({
          capabilities: { alwaysMatch: { 'webkitgtk:browserOptions': { binary: BROWSER, args: ['--automation'] } } },
        }),
      })
      const { value } = await answer.json()
      if (!answer.ok) throw new Error(`WebKitGTK does not begin: ${value.message}`)
      this.version = `WebKitGTK ${value.capabilities.browserVersion}`
      page = sessionAt(address, value.sessionId)
      return page
    },
    async close() {
      await page?.close().catch(() => {})
      await Promise.all(children.splice(0).map(ended))
    },
  }
}
