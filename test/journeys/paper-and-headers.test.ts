import { describe, expect, inject, it } from 'vitest'
import { button, walk, walkDemo } from './support/visit'

const home = inject('home')

describe('the build sheet on paper', () => {
  it('prints on A4 and Letter without what belongs to the screen', () =>
    walkDemo('laptop', '/batch/demo-apple-bay/sheet', async (gardener) => {
      await gardener.see('Sort and prepare')
      await gardener.page.emulateMediaType('print')
      const shown = await gardener.text()
      expect(shown).toContain('Gloves on')
      expect(shown).not.toContain('Back to the heap')
      expect(await gardener.page.$eval('nav', nav => getComputedStyle(nav).display)).toBe('none')
      for (const format of ['A4', 'Letter'] as const) {
        const pdf = Buffer.from(await gardener.page.pdf({ format, printBackground: true })).toString('latin1')
        const pages = pdf.match(/\/Type \/Page\b/g)?.length ?? 0
        expect(pages).toBe(1)
        expect(shown).toMatch(/In all\s+\d+ sacks? of twigs\s+\d+ sacks? of leaves\s+\d+ buckets? of grass/)
        const [, , width] = /\/MediaBox \[([\d.]+) ([\d.]+) ([\d.]+)/.exec(pdf)?.slice(1).map(Number) ?? []
        expect(Math.abs(width! - (format === 'A4' ? 595.3 : 612))).toBeLessThan(1.5)
      }
    }))
})

describe('the server', () => {
  it.each([
    ['GET', '/yard', 200],
    ['HEAD', '/yard', 200],
    ['GET', '/trials/side-by-side.demo-tower', 200],
    ['HEAD', '/api/weather', 200],
    ['GET', '/api/weather?climate=', 200],
    ['GET', '/api/probe/a', 200],
    ['POST', '/', 405],
    ['DELETE', '/api/weather', 405],
    ['GET', '/.env', 404],
    ['GET', '/.git/config', 404],
    ['GET', '/wp-login.php', 404],
    ['GET', '/api/none', 404],
    ['GET', '/api/probe/a?coreC=', 400],
    ['GET', '/api/probe/a?coreC=hot', 400],
    ['GET', '/api/probe/a?coreC=400', 400],
    ['GET', '/api/probe/a?coreC=0', 200],
  ] as const)('answers %s %s with %i, and does not say what it runs on', async (method, path, status) => {
    const answer = await fetch(`${home}${path}`, { method })
    expect([answer.status, answer.headers.get('x-powered-by')]).toEqual([status, null])
  })

  it('says that there is no such page, and leads back', () => walk('phone', async (gardener) => {
    await gardener.page.goto(`${home}/wp-login.php`, { waitUntil: 'load' })
    // That it is not there is what the server says of it, too.
    expect(gardener.complaints.splice(0).join()).toMatch(/404/)
    await gardener.see('There is no such page')
    await gardener.press(button('To the round'))
    await gardener.see('Nothing is standing yet')
  }))

  it.each(['/', '/bench', '/api/weather', '/sw.js', '/favicon.svg'])('sends strict headers with %s', async (path) => {
    const { headers, ok } = await fetch(`${home}${path}`)
    expect(ok).toBe(true)
    const policy = headers.get('content-security-policy') ?? ''
    expect(policy).toContain(`default-src 'self'`)
    expect(policy).toContain(`frame-ancestors 'none'`)
    expect(policy.split(';').find(part => part.trim().startsWith('script-src'))).not.toMatch(/unsafe|\*|http/)
    expect(headers.get('x-content-type-options')).toBe('nosniff')
    expect(headers.get('referrer-policy')).toBe('no-referrer')
    expect(headers.get('permissions-policy')).toContain('geolocation=()')
  })

  it('lets scripts compile the solver, but no page', async () => {
    const page = await fetch(`${home}/bench`)
    const script = /src="(\/_nuxt\/[^"]+\.js)"/.exec(await page.text())?.[1]
    if (!script) throw new Error('the page names no script')
    expect(page.headers.get('content-security-policy')).not.toContain('wasm')
    expect((await fetch(`${home}${script}`)).headers.get('content-security-policy')).toContain(`'wasm-unsafe-eval'`)
  })

  it('answers as the stand-in probe and weather station, and refuses odd names', async () => {
    const first = await fetch(`${home}/api/probe/heap-1?day=5`).then(answer => answer.json() as Promise<{ status: string, at: string }>)
    const again = await fetch(`${home}/api/probe/heap-1?day=5`).then(answer => answer.json() as Promise<{ status: string, at: string }>)
    expect(['reading', 'no-signal']).toContain(first.status)
    if (first.at === again.at) expect(again).toEqual(first)
    const weather = await fetch(`${home}/api/weather?climate=high-valley`).then(
      answer => answer.json() as Promise<{ place: string, days: unknown[] }>,
    )
    expect(weather.place).toBe('High valley')
    expect(weather.days).toHaveLength(7)
    expect((await fetch(`${home}/api/probe/..%2Fetc`)).status).toBe(400)
    expect((await fetch(`${home}/api/nothing`)).status).toBe(404)
  })
})
