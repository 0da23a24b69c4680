import { existsSync } from 'node:fs'

/** Chromium as journeys drive it: nothing of it calls home. */
export const FLAGS = ['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--lang=en-GB', '--accept-lang=en-GB']

const KNOWN = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium']
export const executablePath = process.env.CHROMIUM_PATH ?? KNOWN.find(path => existsSync(path))
