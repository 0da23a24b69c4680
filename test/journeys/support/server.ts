import { spawn, type ChildProcess } from 'node:child_process'
import { createServer } from 'node:net'
import { fileURLToPath } from 'node:url'

const BUILT = fileURLToPath(new URL('../../../.output/server/index.mjs', import.meta.url))

/** A running server of the built app. */
export interface RunningServer {
  readonly url: string
  stop(): Promise<void>
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0))
    })
  })
}

async function answering(url: string, child: ChildProcess): Promise<void> {
  for (let attempt = 0; attempt < 150; attempt++) {
    if (child.exitCode !== null) throw new Error('the server ended at once')
    const up = await fetch(`${url}/api/weather`).then(({ ok }) => ok, () => false)
    if (up) return
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  throw new Error('the server did not start')
}

/** Starts the built app on a port of its own, or on the one given. */
export async function startServer(port?: number): Promise<RunningServer> {
  const chosen = port ?? await freePort()
  const child = spawn(process.execPath, [BUILT], {
    env: { ...process.env, HOST: '127.0.0.1', PORT: String(chosen), NITRO_PORT: String(chosen), NODE_ENV: 'production' },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  const url = `http://127.0.0.1:${chosen}`
  await answering(url, child)
  return {
    url,
    stop: async () => {
      const gone = new Promise(resolve => child.once('exit', resolve))
      child.kill('SIGTERM')
      const timer = setTimeout(() => child.kill('SIGKILL'), 3000)
      await gone
      clearTimeout(timer)
    },
  }
}
