import { createServer, request, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { describe, expect, it } from 'vitest'
import { startServer } from './support/server'
import { button, visit, type Visit } from './support/visit'

/** Stands before the server and can make its service worker look like a new one. */
function inFront(target: string): { readonly server: Server, newVersion: () => void } {
  let suffix = ''
  const server = createServer((incoming, outgoing) => {
    const onward = request(
      `${target}${incoming.url}`,
      {
        method: incoming.method,
        headers: { ...incoming.headers, 'accept-encoding': 'identity', 'if-none-match': '', 'if-modified-since': '' },
      },
      (answer) => {
        const changed = incoming.url === '/sw.js' && suffix !== ''
        const headers = { ...answer.headers }
        if (changed) delete headers['content-length']
        outgoing.writeHead(answer.statusCode ?? 500, headers)
        answer.pipe(outgoing, { end: !changed })
        if (changed) answer.on('end', () => outgoing.end(suffix))
      })
    incoming.pipe(onward)
  })
  return { server, newVersion: () => { suffix = '\n// a newer build' } }
}

/** A page served by the worker, behind which a new version can appear. */
async function withFront(work: (gardener: Visit, newVersion: () => Promise<void>) => Promise<void>): Promise<void> {
  const behind = await startServer()
  const front = inFront(behind.url)
  await new Promise<void>(resolve => front.server.listen(0, '127.0.0.1', resolve))
  const gardener = await visit('laptop', { home: `http://127.0.0.1:${(front.server.address() as AddressInfo).port}`, keepsItself: true })
  try {
    await gardener.go('/welcome/demo')
    await gardener.see('Apple bay')
    await gardener.page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
    await work(gardener, async () => {
      front.newVersion()
      await gardener.page.evaluate(async () => { await (await navigator.serviceWorker.getRegistration())?.update() })
    })
    expect(gardener.complaints).toEqual([])
  }
  finally {
    await gardener.close()
    front.server.closeAllConnections()
    front.server.close()
    await behind.stop()
  }
}

describe('a new version', () => {
  it('is offered, waits while something is being typed, and comes when it is taken', () => withFront(async (gardener, newVersion) => {
    // The next visit, now served by the worker.
    await gardener.go('/')
    await gardener.see('Apple bay')
    // All have been looked at: nothing moves any more.
    await gardener.page.waitForSelector('[data-round] ul:not([inert]) [data-task="reading"]')
    await gardener.press('[data-task="reading"] button')
    await gardener.page.waitForSelector('[data-task="reading"] input')
    await newVersion()
    await gardener.see('A new version of Wastrum is here')
    // Nothing was reloaded: what was open still is.
    expect(await gardener.shown('[data-task="reading"] input')).toBe(true)
    const reloaded = gardener.page.waitForNavigation({ timeout: 8000 })
    await gardener.press(button('Take it now'))
    await reloaded
    await gardener.see('Apple bay')
    await gardener.page.waitForFunction(() => !document.body.innerText.includes('A new version of Wastrum is here'))
  }))

  it('that another tab takes waits for a half-written note, and keeps it', () => withFront(async (gardener, newVersion) => {
    await gardener.go('/batch/demo-plum-bay')
    await gardener.press('[data-pad="note"]')
    await (await gardener.page.waitForSelector('textarea'))!.focus()
    await gardener.page.keyboard.type('Half of what I wanted')
    await newVersion()
    await gardener.see('A new version of Wastrum is here')
    await gardener.press(button('Later'))
    const other = await gardener.tab()
    await other.goto(new URL('/yard', gardener.page.url()).href, { waitUntil: 'networkidle0' })
    // While the worker of now is still asked for things, the browser itself puts the change off, by minutes when it is being debugged.
    await new Promise(resolve => setTimeout(resolve, 3000))
    await (await other.waitForSelector(button('Take it now'), { visible: true }))!.evaluate(one => (one as HTMLElement).click())
    await other.waitForFunction(() => document.querySelector('main h1') !== null && !document.body.innerText.includes('Take it now'), {
      polling: 50,
    })
    await gardener.page.bringToFront()
    await gardener.see('loaded again as soon as you have finished')
    expect(await gardener.page.$eval('textarea', one => one.value)).toBe('Half of what I wanted')
    // Whatever happens to the page now, the draft is there again.
    await gardener.page.reload({ waitUntil: 'load' })
    await gardener.press('[data-pad="note"]')
    expect(await gardener.page.waitForSelector('textarea').then(one => one!.evaluate(({ value }) => value))).toBe('Half of what I wanted')
    await gardener.press(button('Keep the note'))
    await gardener.see('noted.')
  }))

  it('that another tab takes waits for what stands on the page alone', () => withFront(async (gardener, newVersion) => {
    await gardener.go('/batch/demo-plum-bay')
    await gardener.press('[data-pad="note"]')
    await (await gardener.page.waitForSelector('textarea'))!.focus()
    await gardener.page.keyboard.type('Kept nowhere yet')
    await gardener.page.evaluate(() => {
      // The browser has closed the garden, and cannot open it for want of room.
      const [transaction, open] = [IDBDatabase.prototype.transaction, IDBFactory.prototype.open]
      const makeRoom = () => { [IDBDatabase.prototype.transaction, IDBFactory.prototype.open] = [transaction, open] }
      Object.assign(globalThis, { makeRoom })
      IDBDatabase.prototype.transaction = () => { throw new DOMException('It is closed', 'InvalidStateError') }
      IDBFactory.prototype.open = () => { throw new DOMException('Internal error', 'UnknownError') }
    })
    await gardener.press(button('Keep the note'))
    await gardener.see('Not kept just now')
    await newVersion()
    const other = await gardener.tab()
    await other.goto(new URL('/yard', gardener.page.url()).href, { waitUntil: 'networkidle0' })
    await new Promise(resolve => setTimeout(resolve, 3000))
    await (await other.waitForSelector(button('Take it now'), { visible: true }))!.evaluate(one => (one as HTMLElement).click())
    await gardener.page.bringToFront()
    await gardener.see('stays as it is until')
    // Twice as long as a page waits that nothing stands on alone.
    await new Promise(resolve => setTimeout(resolve, 3000))
    expect(await gardener.text()).toContain('Kept nowhere yet')
    const reloaded = gardener.page.waitForNavigation({ timeout: 60_000 })
    await gardener.page.evaluate(() => (globalThis as unknown as { makeRoom: () => void }).makeRoom())
    await reloaded
    await gardener.see('Kept nowhere yet')
  }))
})
