import { describe, expect, it } from 'vitest'
import { METHODS } from '..'
import { DRAWINGS } from '../../picture/findings'
import { signDrawing } from './signs'

const ALL = METHODS.flatMap(method => (method.life.diagnosis?.symptoms ?? []).map(symptom => ({ method, symptom })))

describe('signs of trouble, drawn', () => {
  it('is the drawing of the finding that says the same, where a sense asks for it', () => {
    const same = ALL.filter(({ method, symptom }) =>
      method.life.pads.some(pad => pad.kind === 'sense' && pad.sense.findings.some(one => one.id === symptom.id && one.drawn)))
    expect(same.length).toBeGreaterThan(20)
    for (const { method, symptom } of same) {
      const drawn = method.life.pads.flatMap(pad => (pad.kind === 'sense' ? pad.sense.findings : [])).filter(({ id }) => id === symptom.id)
      expect(drawn.map(one => one.drawn)).toContainEqual(signDrawing(method.life, symptom))
    }
  })
  it.each([
    ['Rotten eggs', DRAWINGS.egg], ['Sharp, ammonia', DRAWINGS.sharp], ['Flies', DRAWINGS.fly], ['Rats or mice', DRAWINGS.rat],
    ['Dust dry in the middle', DRAWINGS.fistDust], ['Slimy, mats', DRAWINGS.mats],
  ])('%s is drawn by what it is', (label, drawn) => {
    expect(signDrawing({ pads: [] }, { id: 'made-up', label })).toBe(drawn)
  })
  it('leaves few to the mere eye', () => {
    const plain = ALL.filter(({ method, symptom }) => signDrawing(method.life, symptom) === DRAWINGS.eye)
    expect(plain.length / ALL.length, plain.map(({ symptom }) => symptom.label).join('; ')).toBeLessThan(0.2)
  })
})
