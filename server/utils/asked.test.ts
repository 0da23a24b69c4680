import { describe, expect, it } from 'vitest'
import { isPage, numberAsked } from './asked'

describe('what is asked in an address', () => {
  it('is a number within its bounds, nothing, or odd; an empty one is no 0', () => {
    expect([undefined, '5', '-3.5', '', '  ', 'x', '1e9', 'NaN', 'Infinity', ['5', '6']].map(value => numberAsked(value, -40, 95))).toEqual([undefined, 5, -3.5, 'odd', 'odd', 'odd', 'odd', 'odd', 'odd', 'odd'])
    expect([numberAsked('-40', -40, 95), numberAsked('95', -40, 95), numberAsked('95.1', -40, 95)]).toEqual([-40, 95, 'odd'])
  })

  it('is a page unless it looks like a file', () => {
    expect(['/', '/yard', '/batch/demo-apple-bay', '/batch/a.1?x=.y', '/materials/own.2/'].every(isPage)).toBe(true)
    expect(['/.env', '/.git/config', '/wp-login.php', '/yard/.htaccess', '/backup.zip?x=1', '/batch/.env'].some(isPage)).toBe(false)
  })
})
