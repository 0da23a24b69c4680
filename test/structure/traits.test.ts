import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { SOILS } from '../../core/beds/bed'
import { LIBRARY } from '../../core/materials/library'
import { MIX_KIND } from '../../core/growing/plan'
import { GROWING_PARTS, RISKS } from '../../core/materials/material'

/** Rooms whose rules hold for any material: they ask for its traits, so that a gardener's own is treated like the library's. */
const ROOMS = ['core/beds', 'core/lots', 'core/growing', 'core/plots', 'core/uses']
/** Parts of mixes, soils, risks and a kind of document are called like some materials; they are none. */
const WORDS: readonly string[] = [...GROWING_PARTS, ...SOILS, ...RISKS, MIX_KIND]
const IDS = LIBRARY.map(({ id }) => id).filter(id => !WORDS.includes(id))

const FILES = ROOMS.flatMap(room => readdirSync(room, { recursive: true, encoding: 'utf8' }).map(name => join(room, name)))
  .filter(name => name.endsWith('.ts') && !name.endsWith('.test.ts'))
const namedIn = (text: string) => IDS.filter(id => text.includes(`'${id}'`))

describe('rules of lots, beds and mixes', () => {
  it('ask for traits of a material and never for its id', () => {
    expect(FILES.length).toBeGreaterThan(35)
    expect(FILES.flatMap(file => namedIn(readFileSync(file, 'utf8')).map(id => `${file}: ${id}`))).toEqual([])
  })

  it('would be found where one did', () => {
    expect(namedIn('takes: ({ material }) => material.id === \'wood-ash\'')).toEqual(['wood-ash'])
  })
})
