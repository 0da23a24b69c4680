// Firefox, driven as the other browser is.
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const executablePath = process.env.FIREFOX_PATH ?? '/usr/bin/firefox-esr'

/** The engine, where it is installed. */
export function firefox() {
  if (!existsSync(executablePath)) return undefined
  const folder = mkdtempSync(join(tmpdir(), 'wastrum-engines-'))
  const downloads = mkdtempSync(join(folder, 'downloads-'))
  const savedFile = () => readdirSync(downloads).find(name => name.endsWith('.json'))
  let browser
  return {
    name: 'Firefox', remembers: true, prints: true,
    async open(profile) {
      const { default: puppeteer } = await import('puppeteer-core')
      browser = await puppeteer.launch({
        browser: 'firefox', executablePath, headless: true, userDataDir: join(folder, profile),
        defaultViewport: null, args: ['--width=1280', '--height=800'],
        extraPrefsFirefox: {
          'browser.download.dir': downloads, 'browser.download.folderList': 2,
          'browser.helperApps.neverAsk.saveToDisk': 'application/json', 'browser.download.alwaysOpenPanel': false,
        },
      })
      this.version = await browser.version()
      const page = await browser.newPage()
      page.setDefaultTimeout(60_000)
      return {
        evaluate: (what, ...given) => page.evaluate(what, ...given),
        goto: url => page.goto(url, { waitUntil: 'load' }),
        type: async (selector, text) => (await page.$(selector)).type(text),
        upload: async (selector, path) => (await page.$(selector)).uploadFile(path),
        paper: () => page.pdf(),
        watchSaving: async () => {},
        saved: async () => (savedFile() ? readFileSync(join(downloads, savedFile()), 'utf8') : undefined),
      }
    },
    async kill() {
      const child = browser.process()
      const gone = new Promise(resolve => child.once('exit', resolve))
      child.kill('SIGKILL')
      await gone
    },
    close: () => browser.close(),
    forget: () => rmSync(folder, { recursive: true, force: true, maxRetries: 5 }),
  }
}
