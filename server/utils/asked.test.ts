import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { dayAsked, isPage, momentAsked, numberAsked } from './asked'

describe('what is asked in an address', () => {
  it('is a number within its bounds, nothing, or odd; an empty one is no 0', () => {
    expect([undefined, '5', '-3.5', '', '  ', 'x', '1e9', 'NaN', 'Infinity', ['5', '6']].map(value => numberAsked(value, -40, 95))).toEqual(
      [undefined, 5, -3.5, 'odd', 'odd', 'odd', 'odd', 'odd', 'odd', 'odd'],
    )
    expect([numberAsked('-40', -40, 95), numberAsked('95', -40, 95), numberAsked('95.1', -40, 95)]).toEqual([-40, 95, 'odd'])
  })

  it('is a day or a moment, or nothing at all', () => {
    expect(dayAsked('2027-04-20')).toEqual(new Date(2027, 3, 20))
    expect(momentAsked('2027-04-20T10:00:00.000Z')).toEqual(new Date(Date.UTC(2027, 3, 20, 10)))
    for (const odd of [undefined, '', 'today', '2027-13-40', '2027-04-20T', ['2027-04-20'], 20_270_420])
      expect([odd, dayAsked(odd)]).toEqual([odd, undefined])
    for (const odd of [undefined, '', 'now', 'x'.repeat(31)]) expect([odd, momentAsked(odd)]).toEqual([odd, undefined])
  })

  it('is a page whatever the mark looks like, wherever pages are asked for by one', () => {
    const pages = new URL('../../app/pages/', import.meta.url)
    const byMark = readdirSync(pages, { withFileTypes: true })
      .filter(folder => folder.isDirectory() && readdirSync(new URL(`${folder.name}/`, pages)).some(name => /^\[\w/.test(name)))
      .map(({ name }) => name)
    expect(byMark).toContain('batch')
    for (const folder of byMark) expect([folder, isPage(`/${folder}/a.demo-x`)]).toEqual([folder, true])
  })

  it('is a page unless it looks like a file', () => {
    expect(['/', '/yard', '/batch/demo-apple-bay', '/batch/a.1?x=.y', '/materials/own.2/'].every(isPage)).toBe(true)
    expect(['/.env', '/.git/config', '/wp-login.php', '/yard/.htaccess', '/backup.zip?x=1', '/batch/.env'].some(isPage)).toBe(false)
  })
})
