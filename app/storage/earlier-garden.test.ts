import { dayOfYear } from '#core/units/time'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { describe, expect, it } from 'vitest'
import { inAndOut } from '#core/garden/batch'
import { CLIMATES, usualRainMm, usualTemperatureC, type Climate } from '#core/garden/climate'
import { gardenMaterials } from '#core/garden/materials'
import { askedOf } from '#core/garden/round'
import { storedLots } from '#core/garden/store'
import { hasBegun, type BegunBatch } from '#core/journal/garden'
import { foldGarden } from '#core/journal/journal'
import { findMethod } from '#core/methods'
import { batchProposal, fitFor, type Surroundings } from '#core/methods/contract'
import { CAN } from '../../test/builders/heaps'
import { readBackup, writeBackup } from '#core/formats/backup'

const fixture = (name: string) => readFileSync(fileURLToPath(new URL(`../../test/fixtures/${name}`, import.meta.url)), 'utf8')

interface Earlier {
  readonly now: [number, number, number, number]
  readonly store: readonly { readonly id: string, readonly leftL: number, readonly massKg: number }[]
  readonly batches: readonly {
    readonly id: string
    readonly name: string
    readonly standing: object
    readonly window?: { readonly from: string, readonly to: string, readonly reasons: readonly string[] }
    readonly tasks: readonly { readonly id: string }[]
    readonly volumeL: number
    readonly inAndOut: object | null
    readonly verdicts: readonly { readonly use: string, readonly fit: string, readonly missing: readonly string[] }[]
    readonly readings: number
    readonly log: number
    readonly forecast?: {
      readonly ready: { readonly start: object, readonly now: object, readonly moves: number }
      readonly effective: number
    }
  }[]
}

/** A backup that the version before this one wrote, and what that version said of it on the same day. */
/** Of a heap that never heated it was said then that it still heats. */
const NOT_SAID_ANY_MORE = ['it still heats by itself']

describe('a garden that an earlier version wrote', () => {
  const text = fixture('garden-before-methods.json')
  const said = JSON.parse(fixture('garden-before-methods.expected.json')) as Earlier
  const read = readBackup(text)
  if (!read.ok) throw new Error(read.error.message)
  const { events, documents } = read.value
  const garden = foldGarden(events)
  const climate = CLIMATES[0] as Climate
  const around: Surroundings = {
    now: new Date(...said.now), units: 'metric', materials: gardenMaterials(documents, garden), garden: { waterCan: CAN },
    weather: { ambientC: at => usualTemperatureC(climate, dayOfYear(at)), rainMm: at => usualRainMm(climate, at) },
  }
  const batchOf = (id: string) => garden.batches.get(id) as BegunBatch

  it('opens with every batch and every lot', () => {
    expect([...garden.batches.values()].filter(hasBegun).map(({ id }) => id).sort()).toEqual(said.batches.map(({ id }) => id).sort())
    expect(
      storedLots(garden, around.now, around.materials).map(({ lot, leftL, leftMassKg }) => ({ id: lot.id, leftL, massKg: leftMassKg })),
    ).toEqual(said.store)
  })

  it.each(said.batches.map(batch => [batch.name, batch] as const))(
    '%s: the same standing, window, round, figures and verdicts',
    (_, earlier) => {
      const batch = batchOf(earlier.id)
      const method = findMethod(batch.began.methodId)!
      const [window] = method.life.windows(batch, around)
      expect(method.life.standing(batch, around)).toMatchObject(earlier.standing)
      expect(window && { from: window.from.toISOString(), to: window.to.toISOString(), reasons: window.reasons }).toEqual(earlier.window)
      expect(
        askedOf(batch, method, around).map(({ id, title, reason, due, until, urgency }) => ({
          id, title, reason, due: due.toISOString(), until: until.toISOString(), urgency,
        })),
      ).toEqual(earlier.tasks)
      expect(batchProposal(batch, around.materials).volumeL).toBeCloseTo(earlier.volumeL, 9)
      expect(inAndOut(batch, around.materials) ?? null).toEqual(earlier.inAndOut)
      // Seeds, smells and open food were not said of then: what is said on top of them stays as it was.
      expect(fitFor({ ...method.life, ripeness: method.life.ripeness! }, batch, around)).toMatchObject(
        earlier.verdicts.map(({ use, fit, missing }) => ({
          use, fit, missing: expect.arrayContaining(missing.filter(one => !NOT_SAID_ANY_MORE.includes(one))) as string[],
        })),
      )
      expect(batch.log).toHaveLength(earlier.log)
      expect(new Set((batch.gauged.heat ?? []).map(({ eventId, at }) => `${eventId} ${at}`)).size).toBe(earlier.readings)
    })

  it('is forecast as it was: the same window at the start, now, and as many moves', () => {
    for (const { id, forecast } of said.batches) {
      if (!forecast) continue
      const batch = batchOf(id)
      const { forecaster } = findMethod(batch.began.methodId)!.life
      const steps = forecaster!.answer(forecaster!.ask(batch, around)!)
      let step = steps.next()
      while (!step.done) step = steps.next()
      const { ready } = step.value.windows
      expect(ready!.start).toEqual(forecast.ready.start)
      expect(ready!.now).toEqual(forecast.ready.now)
      expect(ready!.moves).toHaveLength(forecast.ready.moves)
      expect(step.value.effective).toBeCloseTo(forecast.effective, 6)
    }
  })

  it('is written again as it was', () => {
    const entries = (file: string) => {
      const { events: all, documents: some } = JSON.parse(file) as Record<string, unknown>
      return { all, some }
    }
    expect(entries(writeBackup(events, documents, read.value.writtenAt))).toEqual(entries(text))
  })
})
