import { describe, expect, it } from 'vitest'
import { METHODS } from '.'
import { balancedOf, taskWord } from './contract'

/** Members that some methods fill and others leave out, with who fills them. */
function filledBy(face: 'face' | 'plan' | 'life'): ReadonlyMap<string, readonly string[]> {
  const by = new Map<string, string[]>()
  for (const method of METHODS)
    for (const [name, value] of Object.entries(method[face])) if (value !== undefined) by.set(name, [...(by.get(name) ?? []), method.id])
  return by
}

describe('the contract', () => {
  it('has three faces and an id, and nothing beside them', () => {
    for (const method of METHODS) expect(Object.keys(method).sort()).toEqual(['face', 'id', 'life', 'plan'])
  })

  it('has no capability that one method fills alone', () => {
    // A balanced bench is one kind of plan: what makes it up stands in it together.
    const together = ['mixing', 'sizing', 'supposing']
    for (const face of ['face', 'plan', 'life'] as const)
      for (const [name, ids] of filledBy(face))
        if (!together.includes(name)) expect(ids.length, `${face}.${name}: ${ids.join()}`).toBeGreaterThan(1)
  })

  it('weighs a mix on a balanced bench only', () => {
    for (const method of METHODS) {
      expect('mixing' in method.plan || 'sizing' in method.plan || 'supposing' in method.plan).toBe(method.plan.bench === 'balanced')
      expect(balancedOf(method) !== undefined).toBe(method.plan.bench === 'balanced')
    }
  })
})

describe('what a task is called', () => {
  it('is the method\'s word for it, and a word that nobody knows stays as it stands', () => {
    const life = { taskWords: { look: 'looking whether it sinks' } }
    expect(taskWord(life, 'look')).toBe('looking whether it sinks')
    expect(taskWord(life, 'look.now')).toBe('looking whether it sinks')
    for (const odd of ['__proto__', 'constructor', 'toString', '']) expect(taskWord(life, odd)).toBe(odd)
  })
})
