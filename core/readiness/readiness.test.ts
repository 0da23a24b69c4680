import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, onDay, reading, turned } from '../../test/builders/heaps'
import type { NewEvent } from '../journal/event'
import type { Answers } from '../questions/answers'
import { heatLog, heatLogWords } from '../lots/heat-log'
import { testStates } from './taken'
import { findTest, READINESS_TESTS } from './tests'
import { USES } from './test'
import { verdictFor, type Stages } from './verdict'

function judge(id: string, reading: Answers, setUp: Answers = {}) {
  const result = findTest(id)!.judge(setUp, reading)
  return result.ok ? result.value : { grade: 'trouble', text: result.error.message }
}

const verdicts = (states: Parameters<typeof verdictFor>[1], stages: Stages) => USES.map(use => verdictFor(use, states, stages))

describe('the sprout test', () => {
  const sown = { sown: 10, sownControl: 10 }
  it('8 of 10 against 9 of 10 proves nothing, and says how many would', () => {
    const result = judge('sprout', { up: 8, upControl: 9, roots: 'sound' }, sown)
    expect(result.grade).toBe('doubtful')
    expect(result.text).toMatch(/^8 of 10 against 9 of 10 in the control: 89 % of it, and anything from \d+ % to \d+ % fits/)
    expect(result.text).toMatch(/prove nothing either way\. With about \d+ a side it would be clear/)
  })

  it('the same share of many seeds passes, few coming up fails', () => {
    expect(judge('sprout', { up: 80, upControl: 86, roots: 'sound' }, { sown: 100, sownControl: 100 }).grade).toBe('passed')
    expect(judge('sprout', { up: 2, upControl: 9, roots: 'sound' }, sown).grade).toBe('failed')
  })

  it('crippled roots fail whatever the counts; a bad control tells nothing', () => {
    expect(judge('sprout', { up: 10, upControl: 10, roots: 'crippled' }, sown).grade).toBe('failed')
    expect(judge('sprout', { up: 1, upControl: 2, roots: 'sound' }, sown)).toMatchObject({
      grade: 'doubtful', text: expect.stringContaining('seed or the watering') as string,
    })
  })

  it('refuses counts that do not fit', () => {
    expect(judge('sprout', { up: 11, upControl: 9, roots: 'sound' }, sown).grade).toBe('trouble')
    expect(judge('sprout', {}, sown).grade).toBe('trouble')
  })
})

describe('the other tests', () => {
  it.each([
    ['no-reheat', { core: 18, air: 15 }, 'passed'],
    ['no-reheat', { core: 21.5, air: 15 }, 'doubtful'],
    ['no-reheat', { core: 30, air: 15 }, 'failed'],
    ['no-reheat', { core: 30 }, 'trouble'],
    ['no-reheat', { core: 5, air: 3 }, 'doubtful'],
    ['no-reheat', { core: 14, air: 10 }, 'passed'],
    ['no-reheat', { core: 14, air: 3 }, 'failed'],
    ['bag', { smell: 'earthy' }, 'passed'],
    ['bag', { smell: 'faint' }, 'doubtful'],
    ['bag', { smell: 'ammonia' }, 'failed'],
    ['bag', {}, 'trouble'],
    ['weedkiller', { plants: 9, twisted: 0, control: 'sound' }, 'passed'],
    ['weedkiller', { plants: 9, twisted: 1, control: 'sound' }, 'failed'],
    ['weedkiller', { plants: 9, twisted: 1, control: 'twisted' }, 'doubtful'],
    ['weedkiller', { plants: 3, twisted: 0, control: 'sound' }, 'doubtful'],
    ['weedkiller', { plants: 2, twisted: 3, control: 'sound' }, 'trouble'],
    ['look', { left: 10, texture: 'crumbly' }, 'passed'],
    ['look', { left: 30, texture: 'crumbly' }, 'doubtful'],
    ['look', { left: 60, texture: 'crumbly' }, 'failed'],
    ['look', { left: 5, texture: 'slimy' }, 'failed'],
    ['look', { left: 15, texture: 'crumbly' }, 'passed'],
    ['look', { left: 16, texture: 'crumbly' }, 'doubtful'],
    ['look', { left: 15, texture: 'fibrous' }, 'doubtful'],
    ['look', { left: 40, texture: 'crumbly' }, 'doubtful'],
    ['look', { left: 41, texture: 'crumbly' }, 'failed'],
    ['look', { left: 0, texture: 'crumbly' }, 'passed'],
    ['look', { left: 100, texture: 'crumbly' }, 'failed'],
    ['look', { left: -1, texture: 'crumbly' }, 'trouble'],
    ['look', { left: 101, texture: 'crumbly' }, 'trouble'],
    ['look', { left: 120, texture: 'crumbly' }, 'trouble'],
  ] as const)('%s with %o: %s', (id, answers, grade) => {
    expect(judge(id, answers as Answers).grade).toBe(grade)
  })

  it('ask what can be answered, and say how to do it', () => {
    for (const test of READINESS_TESTS) {
      expect(test.reading.length).toBeGreaterThan(0)
      expect(test.atReading.length).toBeGreaterThan(0)
      expect(test.days === 0).toBe(test.setUp.length === 0)
    }
  })
})

describe('tests of a batch', () => {
  const begun = (day: number, test: string): NewEvent => ({ kind: 'test-begun', at: onDay(day), batchId: 'heap', test, answers: {} })
  const read = (day: number, test: string, answers: Answers, begunId?: string): NewEvent => ({
    kind: 'test-read', at: onDay(day), batchId: 'heap', test,
    ...(begunId ? { begunId } : {}),
    answers: { ...answers },
  })
  const state = (events: readonly NewEvent[], id: string) =>
    testStates(heap(GOOD_HEAP, events), READINESS_TESTS).find(({ test }) => test.id === id)!

  it('run, are read, and can be repeated: a new set-up counts before the old result', () => {
    expect(state([], 'bag').kind).toBe('open')
    expect(state([begun(60, 'bag')], 'bag')).toMatchObject({ kind: 'running', readableAt: new Date(onDay(63)) })
    const once = [begun(60, 'bag'), read(63, 'bag', { smell: 'sour' }, 'e1')]
    expect(state(once, 'bag')).toMatchObject({ kind: 'read', result: { grade: 'failed' } })
    expect(state([...once, begun(80, 'bag')], 'bag').kind).toBe('running')
    expect(state([...once, begun(80, 'bag'), read(83, 'bag', { smell: 'earthy' }, 'e3')], 'bag')).toMatchObject({
      kind: 'read', result: { grade: 'passed' },
    })
  })

  it('the sprout test takes what was sown from its set-up', () => {
    const events: NewEvent[] = [
      { ...begun(60, 'sprout'), answers: { sown: 100, sownControl: 100 } } as NewEvent,
      read(66, 'sprout', { up: 85, upControl: 86, roots: 'sound' }, 'e1'),
    ]
    expect(state(events, 'sprout')).toMatchObject({ kind: 'read', result: { grade: 'passed' } })
  })
})

describe('the verdict', () => {
  const ripe: Stages = { cool: true, curedShare: 1.2, rottedShare: 1.1 }
  const USUAL = READINESS_TESTS.filter(({ alone }) => alone === undefined)
  const passed = (...ids: string[]) =>
    USUAL.map(test =>
      ids.includes(test.id)
        ? { kind: 'read' as const, test, at: onDay(60), result: { grade: 'passed' as const, text: '' } }
        : { kind: 'open' as const, test },
    )
  const failed = (id: string) =>
    READINESS_TESTS.map(test =>
      test.id === id
        ? { kind: 'read' as const, test, at: onDay(60), result: { grade: 'failed' as const, text: '' } }
        : { kind: 'open' as const, test },
    )

  it('one green light does not do, several do, and more is asked for seeds than for beds', () => {
    expect(verdictFor('beds', passed('look'), ripe)).toMatchObject({ fit: 'not-yet' })
    expect(verdictFor('beds', passed('look', 'no-reheat'), ripe).fit).toBe('yes')
    expect(verdictFor('potting', passed('look', 'no-reheat'), ripe).missing[0]).toMatch(/^1 more test passed/)
    expect(verdicts(passed('look', 'no-reheat', 'bag', 'sprout'), ripe).map(({ fit }) => fit)).toEqual(['yes', 'yes', 'yes', 'yes'])
  })

  it('beans are asked for by themselves where weedkiller may have come in: no others stand in for them, nor do doubtful ones', () => {
    const bean = findTest('weedkiller')!
    const beans = (grade: 'passed' | 'doubtful') => [
      ...passed('look', 'no-reheat', 'bag', 'sprout'), { kind: 'read' as const, test: bean, at: onDay(60), result: { grade, text: '' } },
    ]
    const open = [...passed('look', 'no-reheat', 'bag', 'sprout'), { kind: 'open' as const, test: bean }]
    expect(verdicts(open, ripe).map(({ fit }) => fit)).toEqual(['yes', 'not-yet', 'not-yet', 'not-yet'])
    expect(verdictFor('beds', open, ripe).missing).toEqual(['the bean test for weedkiller: what went in may carry weedkiller'])
    expect(verdictFor('beds', beans('doubtful'), ripe).fit).toBe('not-yet')
    expect(verdicts(beans('passed'), ripe).map(({ fit }) => fit)).toEqual(['yes', 'yes', 'yes', 'yes'])
    // Nor do beans stand in for the others.
    const alone = [...passed('look'), { kind: 'read' as const, test: bean, at: onDay(60), result: { grade: 'passed' as const, text: '' } }]
    expect(verdictFor('beds', alone, ripe).missing[0]).toMatch(/^1 more test passed, of: does it heat again/)
  })

  it('what still heats is fit for nothing, whatever was tested', () => {
    for (const { fit, missing } of verdicts(passed('look', 'no-reheat', 'bag', 'sprout'), { ...ripe, cool: false })) {
      expect(fit).toBe('not-yet')
      expect(missing).toContain('it still heats by itself')
    }
  })

  it('wants it rotted for beds and all above, half cured for beds, wholly cured for pots; mulch minds neither', () => {
    const all = passed('look', 'no-reheat', 'bag', 'sprout')
    const fits = (stages: Partial<Stages>) => verdicts(all, { ...ripe, ...stages }).map(({ fit }) => fit)
    expect(fits({ rottedShare: 0.97 })).toEqual(['yes', 'not-yet', 'not-yet', 'not-yet'])
    expect(fits({ rottedShare: 0.98 })).toEqual(['yes', 'yes', 'yes', 'yes'])
    expect(fits({ curedShare: 0.49 })).toEqual(['yes', 'not-yet', 'not-yet', 'not-yet'])
    expect(fits({ curedShare: 0.5 })).toEqual(['yes', 'yes', 'not-yet', 'not-yet'])
    expect(fits({ curedShare: 1 })).toEqual(['yes', 'yes', 'yes', 'yes'])
  })

  it('of a test stays what it was when it was read, even if it were judged otherwise today', () => {
    const events: NewEvent[] = [{
      kind: 'test-read', at: onDay(60), batchId: 'heap', test: 'bag', answers: { smell: 'earthy' },
      result: { grade: 'doubtful', text: 'As it was judged then.' },
    }]
    const state = testStates(heap(GOOD_HEAP, events), READINESS_TESTS).find(({ test }) => test.id === 'bag')
    expect(state).toMatchObject({ kind: 'read', result: { grade: 'doubtful', text: 'As it was judged then.' } })
  })

  it('a failed sprout test spoils pots, not beds; weedkiller spoils everything', () => {
    expect(verdicts(failed('sprout'), ripe).map(({ fit }) => fit)).toEqual(['yes', 'not-yet', 'no', 'no'])
    expect(verdicts(failed('weedkiller'), ripe).map(({ fit }) => fit)).toEqual(['no', 'no', 'no', 'no'])
  })
})

describe('the 55 °C log', () => {
  it('counts only time between hot readings that are close enough', () => {
    // Day 2 to 5 hot without a gap: 3 days. Day 8 stands alone. Between 5 and 8 nothing is known.
    const batch = heap(GOOD_HEAP, [
      reading(1, 40), reading(2, 58), reading(3, 62), reading(4, 60), reading(5, 56), turned(6), reading(8, 57), reading(10, 50),
    ])
    expect(heatLog(batch)).toMatchObject({ longestDays: 3, totalDays: 3, edgeDays: 0, readings: 7, turnsAfter: 1 })
    expect(heatLogWords(heatLog(batch), 'metric').join(' ')).toMatch(/for 3 days at a stretch.*Turned 1 time since.*certifies nothing/)
  })

  it('promises nothing for what was not read or not hot', () => {
    expect(heatLogWords(heatLog(heap(GOOD_HEAP)), 'metric').join(' ')).toMatch(/nothing can be said/)
    expect(heatLogWords(heatLog(heap(GOOD_HEAP, [reading(3, 50)])), 'metric').join(' ')).toMatch(/count on living seeds/)
    expect(heatLogWords(heatLog(heap(GOOD_HEAP, [reading(3, 56), reading(4, 57)])), 'metric').join(' ')).toMatch(/falls short/)
  })
})
