import { createServer, request, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { describe, expect, it } from 'vitest'
import { startServer } from './support/server'
import { button, visit } from './support/visit'

/** Stands before the server and can make its service worker look like a new one. */
function inFront(target: string): { readonly server: Server, newVersion: () => void } {
  let suffix = ''
  const server = createServer((incoming, outgoing) => {
    const onward = request(`${target}${incoming.url}`, { method: incoming.method, headers: { ...incoming.headers, 'accept-encoding': 'identity', 'if-none-match': '', 'if-modified-since': '' } }, (answer) => {
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

describe('a new version', () => {
  it('is offered, waits while something is being typed, and comes when it is taken', async () => {
    const behind = await startServer()
    const front = inFront(behind.url)
    await new Promise<void>(resolve => front.server.listen(0, '127.0.0.1', resolve))
    const gardener = await visit(`http://127.0.0.1:${(front.server.address() as AddressInfo).port}`, 'laptop')
    try {
      await gardener.go('/welcome/demo')
      await gardener.see('Apple bay')
      await gardener.page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
      // The next visit, now served by the worker.
      await gardener.go('/')
      await gardener.see('Apple bay')
      await gardener.press('[data-task="reading"] button')
      front.newVersion()
      await gardener.page.evaluate(async () => { await (await navigator.serviceWorker.getRegistration())?.update() })
      await gardener.see('A new version of Wastrum is here')
      // Nothing was reloaded: what was open still is.
      expect(await gardener.shown('[data-task="reading"] input')).toBe(true)
      const reloaded = gardener.page.waitForNavigation({ timeout: 8000 })
      await gardener.press(button('Take it now'))
      await reloaded
      await gardener.see('Apple bay')
      await gardener.page.waitForFunction(() => !document.body.innerText.includes('A new version of Wastrum is here'))
      expect(gardener.complaints).toEqual([])
    }
    finally {
      await gardener.close()
      front.server.closeAllConnections()
      front.server.close()
      await behind.stop()
    }
  })
})
