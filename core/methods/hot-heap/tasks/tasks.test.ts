import { describe, expect, it } from 'vitest'
import {
  BUCKET, GOOD_HEAP, heap, observed, onDay, reading, RICH_HEAP, SACK, surroundingsOn, turned, type HeapRecipe,
} from '../../../../test/builders/heaps'
import type { NewEvent } from '../../../journal/event'
import { VESSEL_PRESETS } from '../../../vessel/presets'
import { tasksOf } from '.'

const asked = (day: number, events: readonly NewEvent[] = [], recipe: HeapRecipe = GOOD_HEAP, ambientC = 15) =>
  tasksOf(heap(recipe, events), surroundingsOn(day, ambientC))
/** A turn that is told ahead may move and is asked of nobody yet. */
const AHEAD = 'Turn it, as it looks now'
const one = (day: number, events: readonly NewEvent[], action: string, recipe?: HeapRecipe) =>
  asked(day, events, recipe).find(task => task.action === action)

describe('reading the heat', () => {
  it.each([
    [2, [], 1],
    [8, [reading(7, 60)], 8],
    [20, [reading(3, 60), reading(18, 50)], 21],
    [60, [reading(3, 60), reading(50, 17)], 64],
  ] as const)('on day %i is due by how old the heap is', (day, events, due) => {
    expect(one(day, events, 'reading')?.due.toISOString()).toBe(onDay(due))
  })
})

describe('turning', () => {
  const hot = [reading(1, 30), reading(2, 55), reading(3, 63), reading(4, 60), reading(5, 56)]

  it('is asked at once above 68 °C, before anything else', () => {
    const tasks = asked(3, [reading(2, 60), reading(3, 71)])
    expect(tasks[0]).toMatchObject({ action: 'turned', title: 'Turn it now', urgency: 'now' })
  })

  it('rests for two and a half days after a turn', () => {
    const soon = [...hot, turned(5.1), reading(5.6, 55), reading(6.2, 54), reading(6.8, 52)]
    expect([undefined, AHEAD]).toContain(one(7, soon, 'turned')?.title)
    expect(one(7.8, [...soon, reading(7.7, 50)], 'turned')?.title).toBe('Turn it')
  })

  it('is not worth it for a heap that was hardly warm', () => {
    expect([undefined, AHEAD]).toContain(one(5, [reading(2, 40), reading(3, 38), reading(4, 36)], 'turned')?.title)
  })

  it('goes on as long as turns bring heat back, then every week; once or twice is twice', () => {
    const turns = [...[4, 8, 12, 16, 20].map(turned), reading(3, 60), reading(22, 48)]
    const few = { ...GOOD_HEAP, approachId: 'every-few-days' }
    expect(one(24, turns, 'turned', few)).toMatchObject({ reason: expect.stringMatching(/as long as a turn brings heat back/) })
    // After the sixth it is asked for a week later, no sooner; and not any more once it has cooled.
    const six = [...turns, turned(24), reading(25, 42)]
    expect(Date.parse(one(26, six, 'turned', few)!.due.toISOString())).toBeGreaterThanOrEqual(Date.parse(onDay(31)) - 1000)
    expect(one(40, [...six, reading(39.5, 17)], 'turned', few)).toBeUndefined()
    const seldom = { ...GOOD_HEAP, approachId: 'seldom' }
    expect(one(40, [reading(3, 60), reading(39, 20)], 'turned', seldom)?.reason).toMatch(/turn 1 of 2/)
    expect(one(120, [turned(40), turned(80)], 'turned', seldom)).toBeUndefined()
  })

  it('is asked for once more where the last turn still brought warmth, before it cures', () => {
    const late = [reading(3, 62), turned(8), turned(16), reading(18, 44), reading(24, 38), reading(32, 26)]
    expect(one(32.2, late, 'turned')).toMatchObject({ title: 'Turn it once more', reason: expect.stringMatching(/then it cures/) })
    // Not where it brought less than ten kelvin, nor within a fortnight.
    const cool = [reading(3, 62), turned(8), turned(16), reading(18, 24), reading(32, 18)]
    expect(one(32.2, cool, 'turned')?.title).not.toBe('Turn it once more')
    expect(one(25.2, [...late.slice(0, 4), reading(25, 30)], 'turned')?.title).not.toBe('Turn it once more')
  })

  it('is asked once even when heat and smell both call for it, for the more pressing reason', () => {
    const tasks = asked(5, [...hot, observed(5, 'smell', 'sour')]).filter(({ action }) => action === 'turned' || action === 'browns')
    expect(tasks.map(({ title }) => title)).toEqual(['Open it with browns'])
    expect(tasks[0]!.reason).toMatch(/^On 6 May it smelt sour\. Turn it, work in /)
  })
})

describe('water', () => {
  it('is more for dust than for dryness, in litres from the mass of the heap', () => {
    const litres = (finding: string) =>
      Number(/\((\d+) L\)/.exec(one(6, [reading(5, 55), observed(6, 'squeeze', finding)], 'watered')!.reason)![1])
    expect(litres('dust') / litres('dry')).toBeCloseTo(2.5, 1)
  })

  it('is asked for a fortnight after the squeeze and the smell that called for it, not on day 207', () => {
    const dry = [reading(5, 55), observed(6, 'squeeze', 'dry')]
    expect([6, 19.9, 20.1, 207].map(day => one(day, dry, 'watered') !== undefined)).toEqual([true, true, false, false])
    const sour = [reading(5, 55), observed(6, 'smell', 'sour')]
    expect([19, 21].map(day => one(day, sour, 'browns') !== undefined)).toEqual([true, false])
  })

  it('is not asked after a good squeeze, and a squeeze is asked a week after the last', () => {
    expect(one(6, [observed(6, 'squeeze', 'right')], 'watered')).toBeUndefined()
    expect(one(6, [observed(6, 'squeeze', 'right')], 'squeeze')?.due.toISOString()).toBe(onDay(13))
  })
})

describe('drying out', () => {
  /** Straw and manure, open to a summer of 30 °C, and dry from the start. */
  const STRAW: HeapRecipe = {
    vessel: VESSEL_PRESETS[5], waterL: 60,
    ingredients: [
      ['straw-wheat', 12, SACK], ['rabbit-manure', 20, BUCKET], ['grass-clippings', 10, BUCKET],
    ],
  }
  const squeeze = (day: number, airC: number, events: readonly NewEvent[] = []) =>
    asked(day, events, STRAW, airC).find(({ action }) => action === 'squeeze')

  it('is asked about in time, with the water it is expected to hold, and not again right after', () => {
    const task = squeeze(16, 32, [observed(2, 'squeeze', 'right')])
    expect(task?.title).toBe('Squeeze a handful: it is drying out')
    expect(Number(/about (\d+) % water/.exec(task!.reason)![1])).toBeLessThan(45)
    expect(squeeze(16, 32, [observed(14, 'squeeze', 'right')])?.title).toBe('Squeeze a handful')
  })

  it('is not feared of a moist heap in mild air', () => {
    expect(one(6, [], 'squeeze')?.title).toBe('Squeeze a handful')
  })
})

describe('curing', () => {
  it('asks three weeks after the last squeeze to keep it moist', () => {
    const task = one(40, [reading(3, 60), observed(15, 'squeeze', 'right'), reading(36, 18)], 'squeeze')
    expect(task).toMatchObject({ title: 'Let it cure, moist and covered', urgency: 'whenever' })
    expect(task!.due.toISOString()).toBe(onDay(36))
  })
})

describe('rain that is coming', () => {
  const tasksIn = (rainMm: number, events: readonly NewEvent[] = [], recipe: HeapRecipe = GOOD_HEAP) =>
    tasksOf(heap(recipe, [reading(5, 55), ...events]), {
      ...surroundingsOn(6),
      weather: { ...surroundingsOn(6).weather, rainMm: () => rainMm },
    }).find(({ action }) => action === 'cover')

  it('asks for a cover when there is much of it and the heap is moist enough', () => {
    // Three days of 8 mm.
    expect(tasksIn(8)?.reason).toMatch(/^24 mm are coming by /)
    expect(tasksIn(2)).toBeUndefined()
    expect(tasksIn(8, [observed(5.5, 'squeeze', 'dry')])).toBeUndefined()
    expect(tasksIn(8, [], { ...GOOD_HEAP, vessel: VESSEL_PRESETS[3] })).toBeUndefined()
  })

  it('asks once while it lies covered, and again when it was turned since', () => {
    const covered: NewEvent = { kind: 'put-off', at: onDay(5.2), batchId: 'heap', task: 'cover', until: onDay(5.5), why: 'covered' }
    expect(tasksIn(8, [covered])).toBeUndefined()
    expect(tasksIn(8, [covered, turned(5.6)])?.action).toBe('cover')
    // Not today is no cover.
    expect(tasksIn(8, [{ ...covered, why: 'no time' }])?.action).toBe('cover')
  })
})

describe('the coming turn', () => {
  it('is told ahead from the forecast, as a thing that may move', () => {
    const task = one(3, [reading(1, 40), reading(2, 60), reading(2.9, 64)], 'turned', RICH_HEAP)
    expect(task).toMatchObject({ title: 'Turn it, as it looks now', urgency: 'whenever' })
    expect(task!.due.getTime()).toBeGreaterThan(Date.parse(onDay(3)))
    expect(task!.due.getTime()).toBeLessThan(Date.parse(onDay(12)))
  })
})

describe('a turn that nobody looked for', () => {
  it('stays asked for until it is done, however many days pass', () => {
    const days = Array.from({ length: 30 }, (_, at) => at + 4)
    const first = days.find(day => one(day, [], 'turned', RICH_HEAP)?.title === 'Turn it, or read it first')!
    expect(first).toBeLessThan(20)
    for (const later of [first + 2, first + 6])
      expect(one(later, [], 'turned', RICH_HEAP)).toMatchObject({
        title: 'Turn it, or read it first', reason: expect.stringMatching(/Nobody has looked since/),
      })
    expect(one(first + 2, [turned(first + 1)], 'turned', RICH_HEAP)?.title).not.toBe('Turn it, or read it first')
    // Whoever looks is told by what was found.
    expect(one(first + 2, [reading(first + 1.5, 63)], 'turned', RICH_HEAP)?.title).not.toBe('Turn it, or read it first')
    expect(one(first + 2, [observed(first + 1.5, 'warmth', 'hot')], 'turned', RICH_HEAP)?.title).not.toBe('Turn it, or read it first')
  })
})

describe('tests of ripeness', () => {
  const cool = [reading(3, 60), reading(20, 40), reading(30, 18), reading(120, 16)]
  it('are asked for when the window opens, then to be read, then it is sieved', () => {
    const task = one(125, cool, 'test')
    expect(task?.title).toBe('Test whether it is ready')
    expect(task?.reason).toMatch(/For beds still missing: 2 more tests passed, of: look and sieve, does it heat again, bag test/)
    const begun: NewEvent = { kind: 'test-begun', at: onDay(125), batchId: 'heap', test: 'bag', answers: {} }
    const running = one(126, [...cool, begun], 'test')
    expect(running?.title).toBe('Read the bag test')
    expect(running?.due.toISOString()).toBe(onDay(128))
    const passed: NewEvent[] = [
      { kind: 'test-read', at: onDay(128), batchId: 'heap', test: 'look', answers: { left: 10, texture: 'crumbly' } },
      { kind: 'test-read', at: onDay(128), batchId: 'heap', test: 'no-reheat', answers: { core: 17, air: 15 } },
    ]
    expect(one(129, [...cool, ...passed], 'test')).toBeUndefined()
    expect(one(129, [...cool, ...passed], 'finish')).toMatchObject({
      title: 'Sieve and take down', reason: 'Cool, cured and tested: fit for beds.',
    })
  })
})

describe('a heap that stays cool', () => {
  const cool = [reading(2, 16), reading(5, 17)]
  it.each<readonly [string, HeapRecipe, RegExp]>([
    ['poor in nitrogen', { waterL: 150, ingredients: [['leaves-mixed', 15, SACK]] }, /poor in nitrogen/],
    ['dry', { waterL: 0, ingredients: [['straw-oat', 22, SACK], ['chicken-litter', 18, BUCKET]] }, /Most likely: it is too dry\.$/],
    [
      'small',
      {
        vessel: VESSEL_PRESETS[3], waterL: 3,
        ingredients: [
          ['leaves-shredded', 0.7, SACK], ['kitchen-veg', 1.5, BUCKET],
        ],
      },
      /too small to hold its heat/,
    ],
    ['sound on paper', RICH_HEAP, /sound on paper/],
  ])('because it is %s is told so', (_, recipe, reason) => {
    expect(asked(6, cool, recipe).find(({ action }) => action === 'open')?.reason).toMatch(reason)
  })

  it('is given four and a half days first', () => {
    expect(one(4, [reading(2, 16), reading(3.9, 17)], 'open')).toBeUndefined()
  })
})
