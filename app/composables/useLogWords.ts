import type { GardenEvent } from '#core/journal/event'
import { findTest } from '#core/readiness/tests'
import type { KnownBatch } from './useGarden'

const TASK_WORDS: Readonly<Record<string, string>> = { reading: 'reading the heat', squeeze: 'squeezing a handful', turned: 'turning', browns: 'opening it with browns', watered: 'watering', cover: 'covering', test: 'testing', finish: 'taking it down', open: 'looking into it' }

/** What a log entry says, in words. */
export function useLogWords() {
  const { quantity, amount, day } = useSay()
  const store = useGardenStore()
  const { waterCan, materials } = useGarden()

  const what = ({ materialId, prepared }: { materialId: string, prepared?: string }) => `${prepared ? `${prepared} ` : ''}${materials.value.find(materialId)?.short ?? materialId}`

  type Words = { readonly [K in GardenEvent['kind']]?: (event: Extract<GardenEvent, { kind: K }>, known: KnownBatch) => string }
  const WORDS: Words = {
    'built': ({ ingredients, waterL }) => `Built from ${ingredients.map(one => `${amount(one.amount.count, one.amount.container)} of ${what(one)}`).join(', ')}${waterL >= 1 ? `, with ${quantity('volume', waterL)} of water` : ''}.`,
    'renamed': ({ name, place }) => `Now called ${name}${place ? `, ${place}` : ''}.`,
    'added': ({ ingredient }) => `Added ${amount(ingredient.amount.count, ingredient.amount.container)} of ${what(ingredient)}.`,
    'finished': ({ products }) => `Taken down: ${products.map(one => `${amount(one.amount.count, one.amount.container)} of ${what(one)}`).join(', ') || 'nothing kept'}.`,
    'turned': () => 'Turned.',
    'watered': ({ litres }) => `Watered: ${amount(litres / waterCan.value.volumeL, waterCan.value)} (${quantity('volume', litres)}).`,
    'reading': ({ coreC, edgeC, source }) => `${[coreC === undefined ? '' : `Core ${quantity('temperature', coreC)}`, edgeC === undefined ? '' : `edge ${quantity('temperature', edgeC)}`].filter(Boolean).join(', ')}${source === 'probe' ? ', by probe' : ''}.`,
    'observed': ({ sense, finding }, { method }) => {
      const known = method.senses.find(({ id }) => id === sense)
      const found = known?.findings.find(({ id }) => id === finding)
      return known && found ? `${known.label}: ${found.label.toLowerCase()}. ${found.answer}` : `${sense}: ${finding}.`
    },
    'measured': ({ heightM }) => `${quantity('length', heightM)} high.`,
    'noted': ({ text }) => text,
    'logged': ({ minutes, depth, source }) => `${minutes.length} readings of the ${depth} from ${source}.`,
    'photographed': ({ caption }) => caption || 'A picture.',
    'test-begun': ({ test }) => `${findTest(test)?.name ?? test}: set up.`,
    'test-read': ({ test, answers, begunId }) => {
      const begun = begunId ? store.journal.events.get(begunId) : undefined
      const result = findTest(test)?.judge(begun?.kind === 'test-begun' ? begun.answers : {}, answers)
      return `${findTest(test)?.name ?? test}: ${result?.ok ? result.value.text : 'read.'}`
    },
    'put-off': ({ task, until, why }) => {
      const work = TASK_WORDS[task.replace(/\.now$/, '')] ?? task
      if (why === 'covered') return 'Covered against the rain.'
      return why === undefined ? `Put off until ${day(until)}: ${work}.` : `Skipped: ${work}. ${why}`
    },
  }

  function wordsOf(event: GardenEvent, known: KnownBatch): string {
    const words = WORDS[event.kind] as ((event: GardenEvent, known: KnownBatch) => string) | undefined
    return words?.(event, known) ?? ''
  }
  return { wordsOf }
}
