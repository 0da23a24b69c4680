import { describe, expect, it } from 'vitest'
import { csp } from './csp'

const part = (policy: string, name: string) => policy.split('; ').find(one => one.startsWith(`${name} `))

describe('the content security policy', () => {
  it('lets scripts come from home alone, inline ones by their hash', () => {
    expect(part(csp(), 'script-src')).toBe(`script-src 'self'`)
    expect(part(csp([`'sha256-abc='`]), 'script-src')).toBe(`script-src 'self' 'sha256-abc='`)
  })

  it('lets only scripts that ask for it compile WebAssembly, and nothing else evaluate', () => {
    expect(part(csp([], true), 'script-src')).toBe(`script-src 'self' 'wasm-unsafe-eval'`)
    expect(csp([], true).replace(` 'wasm-unsafe-eval'`, '')).toBe(csp())
  })

  it('forbids framing, plugins and foreign bases, and names no other host', () => {
    expect(part(csp(), 'frame-ancestors')).toBe(`frame-ancestors 'none'`)
    expect(part(csp(), 'object-src')).toBe(`object-src 'none'`)
    expect(part(csp(), 'base-uri')).toBe(`base-uri 'none'`)
    expect(csp()).not.toMatch(/https?:|\*|unsafe-eval/)
  })
})
