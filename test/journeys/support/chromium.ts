/** Chromium as journeys drive it: nothing of it calls home. */
export const FLAGS = ['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--lang=en-GB', '--accept-lang=en-GB']

export const executablePath = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium'
