import { existsSync } from 'node:fs'

/** Chromium as journeys drive it: nothing of it calls home. */
export const FLAGS = [
  '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
  '--disable-component-update', '--disable-sync', '--lang=en-GB', '--accept-lang=en-GB',
]

const KNOWN = [
  '/usr/bin/chromium-headless-shell', '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome',
  '/Applications/Chromium.app/Contents/MacOS/Chromium',
]
/** The whole browser, for what only it keeps on its disk when it is killed. */
export const wholeBrowserPath = process.env.CHROMIUM_PATH ?? KNOWN.slice(1).find(path => existsSync(path)) ?? KNOWN[0]
export const executablePath = process.env.CHROMIUM_PATH ?? KNOWN.find(path => existsSync(path))
