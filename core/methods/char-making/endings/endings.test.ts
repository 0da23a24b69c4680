import { describe, expect, it } from 'vitest'
import { aroundOn, begun, did, input, took } from '../../../../test/builders/batches'
import type { NewEvent } from '../../../journal/event'
import { completed } from '../../../questions/question'
import { stepNow } from '../../contract'
import { charMaking } from '..'
import { sitesOf } from '../sites'
import { WAYS, type Way } from '../ways'
import * as words from '../words'

const LITRE = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }
const GO = { ground: 'bare', rules: 'allowed', wind: 'still', drought: 'damp', wood: 'snaps', neighbours: 'told', water: 'hose' }
const BURNT = WAYS.filter(({ endings }) => endings)
const SEALED = WAYS.filter(({ closed }) => closed)
const OPEN = BURNT.filter(({ closed }) => !closed)
const lit = (way: Way) => way.burns ? [did(0.5, words.CHECKED, GO), did(0.51, words.LIT), did(0.6, words.DONE)] : [did(0.6, words.PICKED)]
const burn = (way: Way, since: readonly NewEvent[]) =>
  begun(
    {
      methodId: charMaking.id, approachId: way.id, site: sitesOf(way.id)[0]!, answers: completed(charMaking.plan.asks(way.id), {}),
      inputs: [input('wood-dry', 4, LITRE)],
    },
    since,
  )
const cold = (day: number, deed = words.EVENING) => did(day, deed, { found: 'cold' })
const look = charMaking.life

/** Everything that any place says of a burn at a moment: header, facts, tasks, windows, gates, steps, pads and their answers. */
function saidAt(way: Way, since: readonly NewEvent[], day: number): string {
  const batch = burn(way, since)
  const around = aroundOn(day)
  const pads = charMaking.life.pads.filter(({ fits }) => fits?.(batch) ?? true).flatMap(pad => pad.kind === 'deed' ? [pad.deed] : [])
  const found = ['cold', 'warm', 'smoke'].flatMap(answer =>
    pads.map(deed => [deed.said(batch, { found: answer }, around), deed.words({ found: answer }, around)]),
  )
  return JSON.stringify([
    look.standing(batch, around), look.facts(batch, around), look.tasks(batch, around), look.windows(batch, around),
    look.gates(batch, around), look.guide?.(batch, around), pads, found, charMaking.life.takeCautions,
  ])
}
const stages = (way: Way, stop: string): (readonly [NewEvent[], number])[] => [
  [[], 0.4],
  [lit(way).slice(0, 2), 0.55],
  [lit(way), 0.61],
  [[...lit(way), did(0.62, stop)], 0.7],
  [[...lit(way), did(0.62, stop), did(0.8, words.EVENING, { found: 'warm' })], 0.81],
  [[...lit(way), did(0.62, stop), did(0.8, words.EVENING, { found: 'smoke' })], 0.81],
  [[...lit(way), did(0.62, stop), cold(1.2)], 1.3],
  [[...lit(way), did(0.62, stop), cold(1.2), cold(1.9, words.MORNING)], 2],
]

describe.each(SEALED.map(way => [way.id, way] as const))('a closed vessel (%s)', (_, way) => {
  it('is never quenched, wetted or opened hot, whatever is read of it and wherever', () => {
    for (const [since, day] of stages(way, words.SEALED))
      expect([day, saidAt(way, since, day).match(/quench|drown|wet it|spread it|tip it/gi)]).toEqual([day, null])
    const { steps } = charMaking.plan.draft(
      {
        site: sitesOf(way.id)[0]!, approachId: way.id, answers: completed(charMaking.plan.asks(way.id), {}), waterL: 0, volumeL: 0,
        ingredients: [],
      },
      aroundOn(0),
    )
    expect(JSON.stringify(steps)).not.toMatch(/quench|drown/i)
  })

  it('goes off the fire at once, and stays shut until it is cold by hand and a day has gone', () => {
    const through = burn(way, lit(way))
    expect(look.tasks(through, aroundOn(0.61))).toMatchObject([{ action: 'seal', title: 'Off the fire, and keep it shut', urgency: 'now' }])
    const shut = [...lit(way), did(0.62, words.SEALED)]
    // Cold after 13 and after 23 hours: a day has not gone.
    const early = [...shut, cold(0.62 + 10 / 24), cold(0.62 + 23 / 24, words.MORNING)]
    expect(look.standing(burn(way, early), aroundOn(1.6)).phase).toBe('cooling')
    expect(look.gates(burn(way, early), aroundOn(1.6)).find(({ id }) => id === words.COLD)).toMatchObject({
      open: false, reason: expect.stringMatching(/a day has gone/),
    })
    const late = [...early, cold(0.62 + 25 / 24, words.MORNING)]
    expect(look.standing(burn(way, late), aroundOn(1.7)).phase).toBe('to-crush')
    expect(look.gates(burn(way, late), aroundOn(1.7)).find(({ id }) => id === words.COLD)?.open).toBe(true)
  })

  it('warm at a look waits half a day more; smoke is shut in', () => {
    const warm = [...lit(way), did(0.62, words.SEALED), did(1.2, words.EVENING, { found: 'warm' })]
    expect(look.standing(burn(way, warm), aroundOn(1.21)).phase).toBe('cooling')
    expect(look.tasks(burn(way, warm), aroundOn(1.21))[0]!.due).toEqual(aroundOn(1.2 + 0.5).now)
    const smoke = [...warm.slice(0, -1), did(1.2, words.EVENING, { found: 'smoke' })]
    expect(look.standing(burn(way, smoke), aroundOn(1.21))).toMatchObject({
      phase: 'hot-again', sentence: expect.stringMatching(/stays shut/),
    })
  })
})

describe.each(OPEN.map(way => [way.id, way] as const))('a way that is quenched (%s)', (_, way) => {
  it('asks for it at once, and takes two cold looks twelve hours apart', () => {
    expect(look.tasks(burn(way, lit(way)), aroundOn(0.61))).toMatchObject([{ action: 'quench', urgency: 'now' }])
    const stopped = [...lit(way), did(0.62, words.QUENCHED, { litres: 60 })]
    for (const [hours, phase] of [[11.9, 'cooling'], [12.1, 'to-crush']] as const)
      expect([
        hours, look.standing(burn(way, [...stopped, cold(0.8), cold(0.8 + hours / 24, words.MORNING)]), aroundOn(1.5)).phase,
      ]).toEqual([hours, phase])
    // A warm look in between, and it begins again.
    const again = [
      ...stopped,
      cold(0.8),
      did(1, words.EVENING, { found: 'warm' }),
      did(1.01, words.QUENCHED, { litres: 20 }),
      cold(1.35, words.MORNING),
    ]
    expect(look.standing(burn(way, again), aroundOn(1.4)).phase).toBe('cooling')
  })

  it('keeps its looks on the round when it was put into the store all the same, with its name', () => {
    const stored = [
      ...lit(way),
      did(0.62, words.QUENCHED, { litres: 60 }),
      took(0.63, [['biochar-crushed', 1, { id: 'l', name: 'l', plural: 'l', volumeL: 1 }]], false),
    ]
    const [task] = look.tasks(burn(way, stored), aroundOn(0.64))
    expect(task).toMatchObject({
      action: words.EVENING, urgency: 'now', due: aroundOn(0.64).now, reason: expect.stringMatching(/lies in the store already/),
    })
    expect(look.gates(burn(way, stored), aroundOn(0.64)).find(({ beforeTaking }) => beforeTaking)?.open).toBe(false)
    const over = [...stored, cold(0.8), cold(1.4, words.MORNING)]
    expect(look.tasks(burn(way, over), aroundOn(1.5))).toMatchObject([{ action: 'take', title: 'Close the burn' }])
  })
})

describe('a vessel with holes and ground', () => {
  const how = (id: string, site: number) => {
    const way = WAYS.find(one => one.id === id)!
    const batch = begun(
      {
        methodId: charMaking.id, approachId: id, site: sitesOf(id)[site]!, answers: completed(charMaking.plan.asks(id), {}),
        inputs: [input('wood-dry', 100, LITRE)],
      },
      lit(way),
    )
    return stepNow(look.guide!(batch, aroundOn(0.61))!)!.detail
  }

  it('are not told so when a look finds them warm, either', () => {
    for (const [id, site] of [['top-lit', 0], ['cone', 1], ['smother', 0]] as const) {
      const batch = begun(
        {
          methodId: charMaking.id, approachId: id, site: sitesOf(id)[site]!, answers: completed(charMaking.plan.asks(id), {}),
          inputs: [input('wood-dry', 100, LITRE)],
        },
        [...lit(WAYS.find(one => one.id === id)!), did(0.62, words.QUENCHED, { litres: 60 }), did(0.8, words.EVENING, { found: 'warm' })],
      )
      expect(JSON.stringify([look.tasks(batch, aroundOn(0.81)), look.standing(batch, aroundOn(0.81))])).not.toMatch(/drown/i)
    }
  })

  it('are not told to be drowned: what is poured in runs out below, or soaks away', () => {
    expect(how('top-lit', 0)).toMatch(/runs out below.*tip it onto bare ground.*holes shut/s)
    expect(how('cone', 0)).toMatch(/^Drown it/)
    expect(how('cone', 1)).toMatch(/raked apart and wetted bit by bit/)
    expect(how('smother', 0)).toMatch(/soaks away/)
  })
})
