import type { Random } from '#core/random/random'

const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T
const JUNK = ['\u0000', '{', '}', '[', '"', '\\', '1e999', '-', 'null', '__proto__', '🐛', '<script>alert(1)</script>', '9'.repeat(400)]

type Mangle = (text: string, random: Random) => string

const cut: Mangle = (text, random) => text.slice(0, Math.floor(random() * text.length))
const cutFront: Mangle = (text, random) => text.slice(1 + Math.floor(random() * (text.length - 1)))
const splice: Mangle = (text, random) => {
  const at = Math.floor(random() * text.length)
  return text.slice(0, at) + pick(random, JUNK) + text.slice(at + Math.floor(random() * 20))
}
const twice: Mangle = text => text + text
const swapDigits: Mangle = (text, random) => text.replace(/\d/g, digit => random() < 0.02 ? String((Number(digit) + 1) % 10) : digit)
const foreign: Mangle = (text, random) =>
  pick(random, [
    '', 'hello', '[]', 'null', '42', '{"format":"something-else"}', '<html></html>',
    '{"format":"wastrum-garden","version":1,"events":{},"documents":[]}', text.replace('"version": 1', '"version": 99'),
  ])
const proto: Mangle = text =>
  text.replace('"events": [', '"__proto__": {"polluted": true},\n  "events": [{"__proto__": {"polluted": true}, "kind": "turned"},')
const wrongType: Mangle = (text, random) => {
  const values = [...text.matchAll(/:(?:"[^"]*"|[\d.]+)/g)]
  const chosen = pick(random, values)
  return (
    text.slice(0, chosen.index)
    + `:${pick(random, ['null', '[]', '{}', '-1e308', '"\\u0000"', 'true', '1e999'])}`
    + text.slice(chosen.index + chosen[0].length)
  )
}
/** Without the seal the entries themselves have to be caught. */
const unsealed: Mangle = (text, random) =>
  wrongType(text.replace(/ {2}"seal".*\n/, ''), random).replace('"kind":"', pick(random, ['"kind":"z z/', '"kond":"']))

const MANGLES: readonly Mangle[] = [cut, cutFront, splice, twice, swapDigits, foreign, proto, wrongType, unsealed]

/** A good file damaged in one of many ways, different for every seed; never the good file itself. */
export function mangled(text: string, random: Random, seed: number): string {
  const mangle = MANGLES[seed % MANGLES.length] as Mangle
  const made = mangle(text, random)
  return made === text ? text.slice(0, -10) : made
}
