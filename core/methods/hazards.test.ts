import { describe, expect, it } from 'vitest'
import { METHODS } from '.'
import { ALL_CASES } from '../../test/builders/method-cases'
import { surroundingsOn } from '../../test/builders/heaps'
import type { MethodCases } from '../../test/builders/contract'
import { carriedCautions } from '../lots/words'
import { LIBRARY as MATERIALS } from '../materials/library'
import type { Material, Risk } from '../materials/material'
import { seededRandom } from '../random/random'

/** What can hurt a person or a garden. */
const HAZARDS = ['fire', 'gas', 'steam', 'hot char', 'dust and spores', 'germs', 'weedkiller', 'juglone', 'salts', 'lifting'] as const
type Hazard = typeof HAZARDS[number]
/** Where a hazard is said in a method: in its own words beside a step or a pad, with the stuff that brings it, or it does not arise. */
type Cell = RegExp | 'with the stuff' | 'does not arise'

const FIRE = /call the fire service/i
const AMMONIA = /gives? off ammonia|ammonia rises?|leaving as gas/i
const MONOXIDE = /carbon monoxide/i
const STEAM = /steam/i
const LIGHTS_AGAIN = /lights again/i
const DUST = /mask|damp (it|them|the char)[^.]*(first|dust)|dust/i
const GLOVES = /gloves/i
const HEAVY = /heavy|weighs|heave|two at a time|lift|bail/i
const NO = 'does not arise'
const STUFF = 'with the stuff'

/** Every hazard in every method. A new method has no row here until its hazards were thought of, and then the tests say so. */
const TABLE: Readonly<Record<string, Readonly<Record<Hazard, Cell>>>> = {
  'hot-heap': {
    'fire': FIRE, 'gas': AMMONIA, 'steam': STEAM, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF,
    'juglone': STUFF, 'salts': STUFF, 'lifting': HEAVY,
  },
  'slow-heap': {
    'fire': NO, 'gas': NO, 'steam': NO, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF, 'juglone': STUFF,
    'salts': STUFF, 'lifting': HEAVY,
  },
  'static-tower': {
    'fire': NO, 'gas': NO, 'steam': NO, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF, 'juglone': STUFF,
    'salts': STUFF, 'lifting': HEAVY,
  },
  'leafmould': {
    'fire': NO, 'gas': NO, 'steam': NO, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF, 'juglone': STUFF,
    'salts': STUFF, 'lifting': HEAVY,
  },
  'worm-bin': {
    'fire': NO, 'gas': NO, 'steam': NO, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF, 'juglone': STUFF,
    'salts': STUFF, 'lifting': HEAVY,
  },
  'card-sheet': {
    'fire': NO, 'gas': NO, 'steam': NO, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF, 'juglone': STUFF,
    'salts': STUFF, 'lifting': HEAVY,
  },
  'mulching': {
    'fire': NO, 'gas': NO, 'steam': NO, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF, 'juglone': STUFF,
    'salts': STUFF, 'lifting': HEAVY,
  },
  'turf-stack': {
    'fire': NO, 'gas': NO, 'steam': NO, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF, 'juglone': STUFF,
    'salts': STUFF, 'lifting': HEAVY,
  },
  'hotbed': {
    'fire': NO, 'gas': AMMONIA, 'steam': STEAM, 'hot char': NO, 'dust and spores': DUST, 'germs': GLOVES, 'weedkiller': STUFF,
    'juglone': STUFF, 'salts': STUFF, 'lifting': HEAVY,
  },
  'brew': {
    'fire': NO, 'gas': /closed tight it can burst/i, 'steam': NO, 'hot char': NO, 'dust and spores': NO, 'germs': GLOVES,
    'weedkiller': STUFF, 'juglone': STUFF, 'salts': STUFF, 'lifting': HEAVY,
  },
  'char-making': {
    'fire': FIRE, 'gas': MONOXIDE, 'steam': STEAM, 'hot char': LIGHTS_AGAIN, 'dust and spores': DUST, 'germs': NO, 'weedkiller': NO,
    'juglone': NO, 'salts': STUFF, 'lifting': /two people/i,
  },
  'char-charging': {
    'fire': NO, 'gas': /closed tight it can burst/i, 'steam': NO, 'hot char': LIGHTS_AGAIN, 'dust and spores': DUST, 'germs': GLOVES,
    'weedkiller': NO, 'juglone': NO, 'salts': NO, 'lifting': HEAVY,
  },
}

/** Told once for all cells of a method. */
const told = new Map<string, string>()

/** All that stands beside the steps and pads of a method, in each of its schools. */
function besideSteps({ method, proposal }: MethodCases): string {
  const known = told.get(method.id)
  if (known !== undefined) return known
  const drafts = method.face.approaches.flatMap(({ id }) =>
    [1, 2, 3, 4].map(seed =>
      method.plan.draft(
        { ...proposal(seededRandom(seed)), approachId: id, site: (method.plan.sitesOf?.(id) ?? method.plan.sites)[0]! }, surroundingsOn(0),
      ),
    ),
  )
  const text = JSON.stringify([drafts.map(({ steps, warnings }) => [steps, warnings]), method.life.pads, method.life.takeCautions])
  told.set(method.id, text)
  return text
}

describe('hazards', () => {
  it('were thought of for every method, one by one', () => {
    expect(METHODS.map(({ id }) => id).filter(id => !TABLE[id])).toEqual([])
    for (const row of Object.values(TABLE)) expect(Object.keys(row).sort()).toEqual([...HAZARDS].sort())
  })

  const cells = ALL_CASES.filter(({ method }) => TABLE[method.id]).flatMap(cases =>
    HAZARDS.map(hazard => [cases.method.id, hazard, TABLE[cases.method.id]![hazard], cases] as const),
  )
  it.each(cells.filter(([, , cell]) => cell instanceof RegExp))('%s: %s is said beside a step or a pad (%s)', (_, __, cell, cases) => {
    expect(besideSteps(cases)).toMatch(cell as RegExp)
  })
})

describe('beside the step', () => {
  const { method, proposal } = ALL_CASES.find(({ method: { id } }) => id === 'char-charging')!
  const stepsOf = (approachId: string) =>
    JSON.stringify(
      method.plan.draft({ ...proposal(seededRandom(1)), approachId, site: method.plan.sitesOf!(approachId)[0]! }, surroundingsOn(0)).steps,
    )

  it('fish stand by the pond, frost by the tub, and not the other way round', () => {
    expect(stepsOf('pond')).toMatch(/Ash makes water sharp and kills them/)
    expect(stepsOf('soak')).toMatch(/In frost a full tub splits/)
    expect(stepsOf('soak')).not.toMatch(/Fish/)
    expect(stepsOf('pond')).not.toMatch(/full tub splits/)
  })

  it('char of peels is salty, char of wood is not', () => {
    const making = ALL_CASES.find(({ method: { id } }) => id === 'char-making')!.method
    const of = (id: string) =>
      JSON.stringify(
        making.plan.draft(
          {
            site: making.plan.sitesOf!('lidded-pot')[0]!, approachId: 'lidded-pot', answers: {}, waterL: 0, volumeL: 0,
            ingredients: [{
              material: MATERIALS.find(one => one.id === id)!,
              amount: { count: 3, container: { id: 'l', name: 'litre', plural: 'litres', volumeL: 1 }, packing: 'loose' },
            }],
          },
          surroundingsOn(0),
        ).steps,
      )
    expect(of('peels-dry')).toMatch(/rich in salts and potash/)
    expect(of('wood-dry')).not.toMatch(/rich in salts/)
  })
})

/**
 * What the stuff brings: the word in its own cautions, shown on the bench, the sheet and the pad, and in what comes of it, shown
 * at the take, on labels and beds.
 */
const BROUGHT: readonly (readonly [risk: Risk, own: RegExp, later: RegExp])[] = [
  ['weedkiller', /weedkiller/, /weedkiller.*beans/],
  ['juglone', /juglone|walnut/, /walnut.*seedlings/],
  ['salts', /salty|when they snap/, /rich in salts/],
  ['urine', /healthy people/, /urine.*120 days/],
  ['dung', /./, /raw dung.*120 days/],
  ['meat', /./, /meat or fish.*120 days/],
]
const bringing = (risk: Risk): readonly Material[] => MATERIALS.filter(({ brings }) => brings.includes(risk))

describe('what the stuff brings', () => {
  it.each(BROUGHT)('%s is minded with the material, and in whatever comes of it', (risk, own, later) => {
    for (const { id, cautions } of bringing(risk).filter(({ family }) => family !== 'manure' || risk !== 'dung'))
      expect([id, cautions.join(' ')]).toEqual([id, expect.stringMatching(own)])
    expect(carriedCautions([{ risk, lastAt: '2026-01-01T10:00:00.000Z', found: false, still: 'fresh' }]).join(' ')).toMatch(later)
  })

  it('no material that says so brings nothing: the word and the trait go together', () => {
    for (const { id, cautions, brings } of MATERIALS) {
      const said = cautions.join(' ')
      expect([id, /long-lasting weedkiller/.test(said), /juglone/.test(said)]).toEqual([
        id, brings.includes('weedkiller'), brings.includes('juglone') && /juglone/.test(said),
      ])
    }
  })
})
