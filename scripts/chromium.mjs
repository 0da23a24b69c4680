// The browser that journeys drive.
import { existsSync } from 'node:fs'
import { run } from './steps.mjs'

const SHELL = ['/usr/bin/chromium-headless-shell']
const WHOLE = [
  '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome', '/Applications/Chromium.app/Contents/MacOS/Chromium',
]
const there = paths => paths.find(path => path && existsSync(path))

/** Where a browser is, if one is there: the one without windows first, it does the same in three quarters of the time. */
export function chromiumPath() {
  return there([process.env.CHROMIUM_PATH, ...SHELL, ...WHOLE])
}

/** On Debian as root both come by apt: the whole one is wanted where a browser is killed and begun again. Elsewhere one has to be there. */
export function ensureChromium() {
  if (process.env.CHROMIUM_PATH || (there(SHELL) && there(WHOLE))) return true
  if (existsSync('/etc/debian_version') && process.getuid?.() === 0) {
    console.log('Installing Chromium…')
    const install = name => run('apt-get', ['install', '-y', '-qq', name], { DEBIAN_FRONTEND: 'noninteractive' })
    if (run('apt-get', ['update', '-qq'])) for (const name of ['chromium', 'chromium-headless-shell']) install(name)
  }
  if (chromiumPath()) return true
  console.error('The browser journeys need Chromium: install it, or set CHROMIUM_PATH to where it is.')
  return false
}
