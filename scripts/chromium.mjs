// The browser that journeys drive.
import { existsSync } from 'node:fs'
import { run } from './steps.mjs'

/** The one without windows comes first: it does the same in three quarters of the time. */
const KNOWN = [process.env.CHROMIUM_PATH, '/usr/bin/chromium-headless-shell', '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome', '/Applications/Chromium.app/Contents/MacOS/Chromium']

/** Where it is, if it is there. */
export function chromiumPath() {
  return KNOWN.find(path => path && existsSync(path))
}

/** On Debian as root it comes by apt; elsewhere it has to be there. */
export function ensureChromium() {
  if (chromiumPath()) return true
  if (existsSync('/etc/debian_version') && process.getuid?.() === 0) {
    console.log('Installing Chromium…')
    if (run('apt-get', ['update', '-qq']) && ['chromium-headless-shell', 'chromium'].some(name => run('apt-get', ['install', '-y', '-qq', name], { DEBIAN_FRONTEND: 'noninteractive' }))) return Boolean(chromiumPath())
  }
  console.error('The browser journeys need Chromium: install it, or set CHROMIUM_PATH to where it is.')
  return false
}
