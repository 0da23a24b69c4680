// What the commands share: installing, building and running, with nothing but Node itself.
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('..', import.meta.url))
export const SERVER = join(ROOT, '.output/server/index.mjs')

const [major, minor] = process.versions.node.split('.').map(Number)
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Wastrum needs Node 20.19 or newer; this is ${process.versions.node}.`)
  process.exit(1)
}

/** Runs a command in the project and says whether it went well. */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, {
    cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env }, shell: process.platform === 'win32',
  })
  return done.status === 0
}

const bin = name => join(ROOT, 'node_modules/.bin', name)

/** Runs a tool that the project has installed. */
export function tool(name, args, env) {
  return run(bin(name), args, env)
}

/** Runs a command beside others; what it says is told when it has ended. */
export function runBeside(command, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, env: { ...process.env, ...env }, shell: process.platform === 'win32' })
    let said = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => { said += text })
    child.on('close', (code) => {
      if (code !== 0) console.log(said)
      resolve(code === 0)
    })
  })
}

/** Runs a tool that the project has installed beside others. */
export function toolBeside([name, ...args], env) {
  return runBeside(bin(name), args, env)
}

/** Installs what is missing; types and lint settings are generated along with it. */
export function ensureInstalled() {
  const lock = join(ROOT, 'package-lock.json')
  const installed = join(ROOT, 'node_modules/.package-lock.json')
  if (!existsSync(installed) || statSync(installed).mtimeMs < statSync(lock).mtimeMs - 1000) {
    console.log('Installing what is missing…')
    if (!run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund'])) return false
  }
  return existsSync(join(ROOT, '.nuxt/tsconfig.app.json')) || tool('nuxt', ['prepare'])
}

function newest(path) {
  const stat = statSync(path)
  return stat.isDirectory() ? Math.max(0, ...readdirSync(path).map(name => newest(join(path, name)))) : stat.mtimeMs
}

/** Builds the app unless the build is newer than everything it is made from. */
export function ensureBuilt() {
  const sources = ['app', 'core', 'server', 'public', 'nuxt.config.ts', 'package-lock.json'].map(path => newest(join(ROOT, path)))
  if (existsSync(SERVER) && statSync(SERVER).mtimeMs > Math.max(...sources)) return true
  console.log('Building…')
  return tool('nuxt', ['build'])
}

/** The port asked for, or the next free one. */
export async function freePort(wanted, host) {
  for (let port = wanted; port < wanted + 50; port++) {
    const free = await new Promise((resolve) => {
      const probe = createServer().once('error', () => resolve(false)).listen(port, host, () => probe.close(() => resolve(true)))
    })
    if (free) return port
  }
  throw new Error('no free port found')
}
