import { describe, expect, it } from 'vitest'
import { button, field, walk } from './support/visit'

describe('a first answer on a phone', () => {
  it('comes after four taps and says what to add; the verdict follows the buckets', () => walk('phone', async (gardener) => {
    await gardener.go('/')
    await gardener.press(button('Is my pile any good'))
    await gardener.press('[data-material="leaves-mixed"]')
    await gardener.press('[data-material="grass-clippings"]')
    await gardener.press(button('That is all'))
    // A sack of leaves and a bucket of grass: 42 : 1 in what decays.
    await gardener.see(/Too brown: 4\d : 1 in what decays, where 40 : 1 still works/)
    await gardener.type(field('sacks of leaves'), '2')
    await gardener.see(/It would stay cool and sit for a year or more|It would heat slowly/)
    // In what season it is, either greens that are around, or a feed and a cage.
    expect(await gardener.text()).toMatch(/[Aa]dd \d+ buckets? of [a-z ]+|Strew in a nitrogen feed/)

    // The verdict hangs on the amounts, not on the words: more grass makes it good, much more makes it green.
    await gardener.type(field('buckets of grass'), '7')
    await gardener.see(/[Gg]ood mix|a little brown/)
    await gardener.type(field('buckets of grass'), '40')
    await gardener.see(/Too (green|wet)|Too much that mats/)
    await gardener.see(/Take out|Balance it for me/)
  }))

  it('is still on the bench after the phone slept and the page was loaded anew', () => walk('phone', async (gardener) => {
    await gardener.go('/')
    await gardener.press(button('Is my pile any good'))
    await gardener.press('[data-material="leaves-mixed"]')
    await gardener.press(button('That is all'))
    await gardener.type(field('sacks of leaves'), '7')
    await gardener.see('560 L')
    await new Promise(resolve => setTimeout(resolve, 600))
    await gardener.go('/bench')
    await gardener.see('560 L')

    // A vessel of one's own is kept for the next heap.
    await gardener.press(button('change the inner measures'))
    await gardener.type(field('Width'), '150')
    await gardener.press('[data-panel="why"]')
    await gardener.see('Fills my pallet bay')
    await gardener.press(button('Keep for next time'))
    // Kept once the form is gone; the plan follows a moment later.
    await gardener.page.waitForFunction(() => !document.body.innerText.includes('Keep for next time'))
    await new Promise(resolve => setTimeout(resolve, 800))
    await gardener.go('/bench')
    await gardener.press(button('Lidded bin'))
    await gardener.press(button('My pallet bay'))
    await gardener.press('[data-panel="why"]')
    await gardener.see('It holds 1,923 L as loosely mixed')
  }))
})
