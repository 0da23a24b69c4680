import puppeteer from 'puppeteer-core'
import type { TestProject } from 'vitest/node'
import { executablePath, FLAGS } from './chromium'
import { startServer } from './server'

declare module 'vitest' {
  export interface ProvidedContext {
    /** Where the built app is served. */
    home: string
    /** Where the one browser is spoken to. */
    browser: string
  }
}

/** One server and one browser for all journeys. */
export default async function world(project: TestProject): Promise<() => Promise<void>> {
  const [server, browser] = await Promise.all([
    startServer(), puppeteer.launch({ executablePath, headless: true, args: FLAGS, protocolTimeout: 240_000 }),
  ])
  project.provide('home', server.url)
  project.provide('browser', browser.wsEndpoint())
  return async () => {
    await browser.close()
    await server.stop()
  }
}
