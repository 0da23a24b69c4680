import type { GardenEvent, KnownEvent } from '#core/journal/event'
import { CORE, EDGE, HEAT, HEIGHT, TURNED } from '#core/journal/earlier'
import { spanText } from '#core/already'
import { siteAreaM2, siteName } from '#core/vessel/site'
import { roughly } from '#core/units/format'
import { fromShown, toShown } from '#core/units/system'
import type { Input, Stood } from '#core/journal/garden'
import { amountVolumeL } from '#core/units/container'
import { deedOf, quantityOf, sensesOf, spotText, taskWord, type FeedOffer } from '#core/methods/contract'
import { materialOf, type NamedIngredient } from '#core/mix/portion'
import { findTest } from '#core/readiness/tests'
import { resultOf } from '#core/readiness/taken'
import type { KnownBatch } from './useGarden'

/** What a log entry says, in words of its method. */
export function useLogWords() {
  const { quantity, amount, day } = useSay()
  const { store, waterCan, materials, units, surroundings } = useGarden()

  const what = (one: NamedIngredient) =>
    `${one.prepared ? `${one.prepared} ` : ''}${materialOf(one, materials.value)?.short ?? one.materialId}`
  const stuff = (all: readonly NamedIngredient[]) =>
    all.map(one => `${amount(one.amount.count, one.amount.container)} of ${what(one)}`).join(', ')
  const water = (litres: number) => `${amount(litres / waterCan.value.volumeL, waterCan.value)} (${quantity('volume', litres)})`
  const sentence = (text: string) => text === '' ? '' : `${text.charAt(0).toUpperCase()}${text.slice(1)}.`

  function begun(ingredients: readonly NamedIngredient[], waterL: number, { method, batch }: KnownBatch): string {
    const also = method.life.alsoWentIn?.(batch, units.value) ?? []
    const solids = [...(ingredients.length > 0 ? [stuff(ingredients)] : []), ...also].join(', ')
    if (solids === '') return waterL >= 1 ? `${method.face.words.begun} ${quantity('volume', waterL)} of water.` : 'Begun.'
    return `${method.face.words.begun} ${solids}${waterL >= 1 ? `, with ${quantity('volume', waterL)} of water` : ''}.`
  }
  /** To two figures of the unit it is shown in: 449 gal were a figure too many. */
  const roughQuantity = (litres: number) =>
    quantity('volume', fromShown('volume', units.value, roughly(toShown('volume', units.value, litres))), 0)
  /** What stood already: since when, and how far it is known what is in it. */
  function stoodAlready(inputs: readonly NamedIngredient[], waterL: number, stood: Stood, known: KnownBatch): string {
    const since = `It stood already, ${spanText({ from: new Date(stood.from), to: new Date(stood.to) })}`
    if (stood.of === 'known') return `${since}. ${begun(inputs, waterL, known)}`
    const all = [...inputs, ...stood.evenly?.inputs ?? []]
    const litres = all.reduce((sum, one) => sum + amountVolumeL(one.amount), 0)
    if (all.length === 0) return `${since}.`
    const kinds = [...new Set(all.map(what))].join(', ')
    return `${since}. Reckoned with about ${roughQuantity(litres)} of ${kinds}${
      stood.of === 'mostly' ? '' : ', for nobody knows'}${stood.evenly ? `, bit by bit until ${day(stood.evenly.until)}` : ''}.`
  }
  function putIn(inputs: readonly NamedIngredient[], waterL: number, role: string | undefined, { method }: KnownBatch): string {
    const offers = method.life.pads.flatMap(pad => pad.kind === 'put' ? [pad.put] : [])
    if (inputs.length === 0) return `${offers.find(({ what: kind }) => kind === 'water')?.said ?? 'Watered'}: ${water(waterL)}.`
    const offer = offers.find(one => one.what === 'stuff' && one.role === role) ?? offers.find(one => one.what === 'stuff')
    return `${offer?.said ?? 'Added'} ${stuff(inputs)}${waterL >= 1 ? `, with ${quantity('volume', waterL)} of water` : ''}.`
  }
  /** What was fed, what covered it, and where. */
  function fed(inputs: readonly Input[], pocket: string | undefined, offer: FeedOffer, { batch }: KnownBatch): string {
    const cover = inputs.filter(({ role }) => role === 'cover')
    const where = offer.pockets(batch, surroundings.value).find(({ id }) => id === pocket)?.label
    return `${offer.said} `
      + `${stuff(inputs.filter(({ role }) => role !== 'cover'))}`
      + (cover.length > 0
        ? `, covered with ${stuff(cover)}`
        : '')
      + `${where ? `, ${where}` : ''}.`
  }
  function gauged(
    id: string, values: readonly { readonly spot: string, readonly value: number }[], source: string, { method }: KnownBatch,
  ): string {
    const known = quantityOf(method.life, id)
    const said = values.map(({ spot, value }) => known ? spotText(known, spot, value, units.value) : `${spot} ${value}`).join(', ')
    return `${sentence(`${said}${source === 'probe' ? ', by probe' : ''}`)}`
  }
  function takenOut(products: readonly NamedIngredient[], ends: boolean, { method }: KnownBatch): string {
    return `${ends ? method.face.words.takenDown : 'Taken out'}: ${stuff(products) || 'nothing kept'}.`
  }
  const nameOf = (batchId: string) => store.journal.garden.batches.get(batchId)?.name ?? 'another'
  const optional = (spot: string, value: number | undefined) => value === undefined ? [] : [{ spot, value }]

  type Words = { readonly [K in KnownEvent['kind']]?: (event: Extract<KnownEvent, { kind: K }>, known: KnownBatch) => string }
  const WORDS: Words = {
    'began': ({ inputs, waterL, stood }, known) =>
      stood ? stoodAlready(inputs, waterL, stood, known) : begun(inputs, waterL, known),
    'built': ({ ingredients, waterL }, known) => begun(ingredients, waterL, known),
    'renamed': ({ name, place }) => `Now called ${name}${place ? `, ${place}` : ''}.`,
    'put': ({ inputs, waterL, pocket, fromBatchId }, known) => {
      if (fromBatchId !== undefined) return `${nameOf(fromBatchId)} came onto it: ${stuff(inputs)}.`
      const feed = known.method.life.pads.flatMap(pad => pad.kind === 'feed' ? [pad.feed] : [])[0]
      return feed && inputs.some(({ role }) => role === 'feed')
        ? fed(inputs, pocket, feed, known)
        : putIn(inputs, waterL, inputs[0]?.role, known)
    },
    'added': ({ ingredient }, known) => putIn([ingredient], 0, 'feed', known),
    'watered': ({ litres }, known) => putIn([], litres, undefined, known),
    'took': ({ products, ends, toBatchId, left }, known) =>
      left
        ? 'Left where it stood, with the garden.'
        : toBatchId === undefined
          ? takenOut(products, ends, known)
          : `${ends ? 'All of it' : 'A part of it'} onto ${nameOf(toBatchId)}: ${stuff(products)}.`,
    'sited': ({ site }) => `Stands in: ${siteName(site).toLowerCase()}, ${quantity('area', siteAreaM2(site), 1)}.`,
    'finished': ({ products }, known) => takenOut(products, true, known),
    'did': ({ deed, answers }, { method }) => deedOf(method.life, deed)?.words(answers, surroundings.value) ?? sentence(deed),
    'turned': (_, { method }) => deedOf(method.life, TURNED)?.words({}, surroundings.value) ?? 'Turned.',
    'gauged': ({ quantity: id, values, source }, known) => gauged(id, values, source, known),
    'reading': ({ coreC, edgeC, source }, known) => gauged(HEAT, [...optional(CORE, coreC), ...optional(EDGE, edgeC)], source, known),
    'measured': ({ heightM }, known) => gauged(HEIGHT, [{ spot: 'top', value: heightM }], 'hand', known),
    'used': ({ litres, place, areaM2, waterL }) =>
      `${quantity('volume', litres, 1)} to `
      + `${place || 'a bed'}${areaM2 ? ` of ${quantity('area', areaM2, 0)}` : ''}`
      + (waterL
        ? `, thinned with ${quantity('volume', waterL)} of water`
        : '') + '.',
    'observed': ({ sense, finding }, { method }) => {
      const known = sensesOf(method.life).find(({ id }) => id === sense)
      const found = known?.findings.find(({ id }) => id === finding)
      return known && found ? `${known.label}: ${found.label.toLowerCase()}. ${found.answer}` : `${sense}: ${finding}.`
    },
    'noted': ({ text }) => text,
    'logged': ({ minutes, depth, source }) => `${minutes.length} readings of the ${depth} from ${source}.`,
    'photographed': ({ caption }) => caption || 'A picture.',
    'test-begun': ({ test }) => `${findTest(test)?.name ?? test}: set up.`,
    'test-read': (event, { batch }) => {
      const test = findTest(event.test)
      return `${test?.name ?? event.test}: ${(test && resultOf(batch, test, event)?.text) ?? 'read.'}`
    },
    'put-off': ({ task, until, why }, { method }) => {
      const work = taskWord(method.life, task)
      if (why === 'covered') return 'Covered against the rain.'
      if (why === LOOKS_FINE) return `Looked fine from outside: ${work} can wait.`
      return why === undefined ? `Put off until ${day(until)}: ${work}.` : `Skipped: ${work}. ${why}`
    },
  }

  /** What an event says; what a newer version wrote is said to be that. */
  function wordsOf(event: GardenEvent, known: KnownBatch): string {
    if (event.kind === 'foreign') return 'From a newer Wastrum: kept as it is, and not counted here.'
    const words = WORDS[event.kind] as ((event: GardenEvent, known: KnownBatch) => string) | undefined
    return words?.(event, known) ?? ''
  }
  return { wordsOf }
}
