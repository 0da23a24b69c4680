import { dayOfYear } from '#core/units/time'
import { format } from 'date-fns'
import { fileURLToPath } from 'node:url'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { CAN } from '../builders/heaps'
import { CLIMATES, usualRainMm, usualTemperatureC, type Climate } from '#core/garden/climate'
import { gardenMaterials } from '#core/garden/materials'
import { hasBegun, type BegunBatch } from '#core/journal/garden'
import { foldGarden } from '#core/journal/journal'
import { findMethod, METHODS } from '#core/methods'
import { batchProposal, type Draft, type Fact, type Method, type Surroundings } from '#core/methods/contract'
import type { Picture } from '#core/picture/picture'
import { demoGarden } from '#core/demo/demo-garden'

// Everything that the made-up garden says on a day, as a text to be read: a figure, a date or a word that changes is a line
// that changes. Read what changes before you take it over (`vitest -u`): would a good composter say so?
const day = (at: Date) => format(at, 'd MMM yyyy')
const shortly = (value: unknown): string =>
  typeof value === 'number'
    ? String(Math.round(value * 1000) / 1000)
    : Array.isArray(value)
      ? `[${value.map(shortly).join(' ')}]`
      : typeof value === 'object' && value !== null
        ? `{${Object.entries(value)
          .map(([name, one]) => `${name} ${shortly(one)}`)
          .join(', ')}}`
        : String(value)
const facts = (all: readonly Fact[]) => all.map(({ label, value, why }) => `  ${label}: ${value}${why ? ` (${why})` : ''}`)
const drawn = ({ of, widthM, heightM, parts }: Picture) => [
  `  drawn: ${of}, ${shortly(widthM)} × ${shortly(heightM)} m`,
  ...parts.map(({ kind, ...rest }) => `    ${kind} ${'vessel' in rest ? rest.vessel.id : shortly(rest)}`),
]

function drafted({ summary, verdict, facts: told, warnings, picture, steps, work, gives, waterL, recipe }: Draft): string[] {
  return [
    `  planned: ${summary} ${verdict.grade}: ${verdict.text} Water ${shortly(waterL)} L.`,
    ...facts(told),
    ...warnings.map(({ text }) => `  mind: ${text}`),
    ...steps.map(
      ({ title, detail, cautions }) => `  step: ${title}. ${detail}${cautions.length > 0 ? ` Caution: ${cautions.join(' ')}` : ''}`,
    ),
    ...work.map(({ label, minutes }) => `  work: ${label} ${shortly(minutes)}`),
    ...gives.map(({ label, litres, from, to }) => `  gives: ${label} ${shortly(litres)} ${day(from)} – ${day(to)}`),
    ...(recipe ?? []).map(({ material, amount }) => `  recipe: ${shortly(amount.count)} ${amount.container.plural} of ${material.short}`),
    ...drawn(picture),
  ]
}

function toldOf(batch: BegunBatch, { face, life: { diagnosis, ripeness, ...look } }: Method, around: Surroundings): string[] {
  const { label, sentence, figure, tone } = look.standing(batch, around)
  const noticed = diagnosis?.noticed(batch, around) ?? []
  const begun = new Date(batch.began.at)
  return [
    `${batch.name} (${face.name}, ${batch.began.approachId}), ${day(begun)}: ${label} [${tone}, ${figure ?? 'no figure'}]. ${sentence}`,
    ...look
      .windows(batch, around)
      .map(one => `  ${one.label}: ${day(one.from)} – ${day(one.to)}${one.orLater ? ' or later' : ''}. ${one.reasons.join(' ')}`),
    ...facts(look.facts(batch, around)),
    ...look.gates(batch, around).map(({ label: gate, open, reason }) => `  ${gate}: ${open ? 'yes' : 'no'}, ${reason}`),
    ...look
      .tasks(batch, around)
      .map(({ title, reason, due, until, urgency }) => `  ${urgency}: ${title}, ${day(due)} – ${day(until)}. ${reason}`),
    ...look
      .outputs(batch, around)
      .map(({ label: output, expectedL }) => `  out: ${output} ${expectedL === undefined ? '' : shortly(expectedL)} L`),
    ...noticed.map(one => `  noticed: ${one}`),
    ...(diagnosis && noticed.length > 0
      ? diagnosis
          .causes(batch, around, noticed)
          .slice(0, 3)
          .map(
            ({ title, likelihood, speaksFor, speaksAgainst, remedy }) =>
              `  cause: ${title} ${shortly(likelihood)}. For: ${speaksFor.join(' ')} Against: ${speaksAgainst.join(' ')} Remedy: `
              + `${remedy.text} ${remedy.waterL} L`,
          )
      : []),
    ...(ripeness ? [`  ripeness: ${shortly(ripeness.stages(batch, around))}. ${ripeness.notes(batch, around).lines.join(' ')}`] : []),
    ...[0, 0.5, 1].map(share => `  told: ${look.told(batch, around, share * look.lastDay(batch, around))}`),
    ...look
      .charts(batch, around)
      .map(
        ({ title, expected, dots, marks }) =>
          `  chart: ${title}, ${expected.length} expected, ${dots.map(({ name, points }) => `${name} ${points.length}`).join(', ')}, `
          + `${marks.length} marks`,
      ),
    ...drawn(look.picture(batch, around)),
  ]
}

// A day is a day of the gardener's own clock: here it is the same everywhere.
const zone = process.env.TZ
beforeAll(() => { process.env.TZ = 'UTC' })
afterAll(() => { process.env.TZ = zone })

describe('the made-up garden', () => {
  it.each(['2026-06-20', '2026-11-25'])('says on %s what it said when it was last read', async (date) => {
    const now = new Date(`${date}T09:00:00.000Z`)
    const { events, documents } = demoGarden(now)
    const garden = foldGarden(events)
    const climate = CLIMATES[0] as Climate
    const around: Surroundings = {
      now, units: 'metric', materials: gardenMaterials(documents, garden), garden: { waterCan: CAN, water: 'mains' },
      weather: { ambientC: at => usualTemperatureC(climate, dayOfYear(at)), rainMm: at => usualRainMm(climate, at) },
    }
    const batches = [...garden.batches.values()].filter(hasBegun)
    const lines = batches.flatMap(batch => [...toldOf(batch, findMethod(batch.began.methodId)!, around), ''])
    const plans = batches.filter(({ ended }) => !ended).flatMap((batch) => {
      const proposal = batchProposal(batch, around.materials)
      return [`${batch.name}, planned again`, ...drafted(findMethod(batch.began.methodId)!.plan.draft(proposal, around)), '']
    })
    const pipelines = METHODS.flatMap(({ face: { name }, life: { pipeline } }) =>
      pipeline
        ? [
            `${name} along the years`,
            ...(
              pipeline(
                batches.filter(({ began }) => findMethod(began.methodId)?.face.name === name), around,
              )?.rows ?? []
            ).map(
              row =>
                `  ${row.name}: `
                + `${row.stages.map(({ label, tone, from, to }) => `${label} (${tone}) ${day(from)} – ${day(to)}`).join('; ')}`,
            ),
          ]
        : [],
    )
    await expect([...lines, ...plans, ...pipelines].join('\n')).toMatchFileSnapshot(
      fileURLToPath(new URL(`../fixtures/demo-garden-${date}.txt`, import.meta.url)),
    )
  })
})
