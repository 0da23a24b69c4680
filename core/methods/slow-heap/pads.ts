import type { BegunBatch } from '../../journal/garden'
import { portionOf, type Ingredient } from '../../mix/portion'
import { counted } from '../../units/plural'
import { asVessel } from '../../vessel/site'
import { footprintM2 } from '../../vessel/vessel'
import { quantityText, ratioText } from '../../units/format'
import type { Cover, FeedOffer, Pad, Quantity } from '../contract'
import { cautionsOf, TAKE_CAUTIONS } from './cautions'
import { containersOf, coverAmount, coverLitres, coverWords, freshPart } from './cover'
import { coverAtHand, COVERS, isClosed, usualCaddy } from './feeding'
import { slowOn } from './now'
import { SENSES } from './senses'
import { CLOSED, FED, HEIGHT, MOVED, WARMTH } from './words'
import { SLOW } from './constants'

/** What is fed. */
const FEEDS = ['kitchen', 'plant', 'grass', 'manure', 'feed', 'leaf', 'paper', 'straw', 'finished'] as const

/** How much higher it stands with this on it, m: as it lies when it has just gone in. */
function addedM({ began }: BegunBatch, fed: readonly Ingredient[], cover: Ingredient | undefined): number {
  const litres = [...fed, ...(cover ? [cover] : [])].reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
  return litres / 1000 / footprintM2(asVessel(began.site))
}

const caddy: FeedOffer = {
  id: FED, label: 'Fed', icon: 'i-ph-bowl-food', button: 'Fed', said: 'Fed',
  families: FEEDS, coverFamilies: COVERS,
  usual: (batch, around) => usualCaddy(batch, around.materials, around),
  coverFor: (batch, { materials, spares = [] }, fed): Cover => {
    const [at, fresh] = [coverAtHand(batch, spares, materials), freshPart(fed)]
    if (!at || !fresh) return { words: '' }
    const litres = coverLitres(fed, at.material)
    if (litres < 0.1)
      return { words: `${ratioText(fresh.ratio)} by itself: it needs no cover for its balance. A thin one keeps flies off.` }
    if (!Number.isFinite(litres))
      return { words: `${at.material.name} cannot bring it to ${ratioText(SLOW.fresh.ratio)}: cover it with leaves, torn card or straw.` }
    const ingredient = { material: at.material, amount: coverAmount(litres, containersOf(fed, at.spare?.container)) }
    return { ingredient, words: `${coverWords(fed, ingredient)}${at.spare ? '' : ' None lies in the store: what is there goes too.'}` }
  },
  pockets: () => [],
  answer: (batch, surroundings, fed, cover) => {
    const [slow, fresh] = [slowOn(batch, surroundings), freshPart(cover ? [...fed, cover] : fed)]
    const bare = cover ? '' : ' Not covered: it smells and draws flies. Bury it a hand deep at least.'
    return (fresh
      ? `This part is ${ratioText(fresh.ratio)}, ${Math.round(100 * fresh.moisture)} % water. `
      : '')
    + (slow && slow.volumeL > 1
      ? `With it the whole stands ${quantityText('length', surroundings.units, slow.heightM + addedM(batch, fed, cover))} high.`
      : '')
    + `${bare}`
  },
  cautions: cautionsOf,
}

const height: Quantity = {
  id: HEIGHT, label: 'Height', icon: 'i-ph-ruler', unit: 'length', limits: [0, 6], button: 'Record the height',
  spots: [{ id: 'top', label: 'Height from the ground', said: '{} high' }],
  expected: (batch, surroundings) => {
    const slow = slowOn(batch, surroundings)
    return slow ? { top: slow.heightM } : {}
  },
  answer: (batch, surroundings, { top }) => {
    const expectedM = slowOn(batch, surroundings)?.heightM
    if (expectedM === undefined || top === undefined) return ''
    return Math.abs(top - expectedM) < 0.05
      ? 'As expected.'
      : top > expectedM
        ? 'Higher than expected: it is full sooner.'
        : 'It has sunk more than expected: it lasts longer.'
  },
}

const warmth: Quantity = {
  id: WARMTH, label: 'Warmth', icon: 'i-ph-thermometer', unit: 'temperature', limits: [-20, 80], button: 'Record the warmth',
  byThermometer: true,
  spots: [{ id: 'middle', label: 'In the middle, a forearm deep', said: '{} in the middle' }],
  expected: (batch, surroundings) => {
    const slow = slowOn(batch, surroundings)
    return slow ? { middle: slow.celsius } : {}
  },
  answer: (_, { weather, now }, { middle }) => {
    const warmerK = middle === undefined ? 0 : middle - weather.ambientC(now)
    return warmerK > SLOW.warmsK
      ? 'Warm by itself: so much fresh stuff at once heats for some days. Seeds in it still live.'
      : 'Cool, as a heap is that is fed bit by bit: it rots all the same.'
  },
}

/** What can be recorded of a slow heap, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  { kind: 'feed', feed: caddy, fits: batch => !isClosed(batch) },
  ...SENSES.map((sense): Pad => ({ kind: 'sense', sense })),
  {
    kind: 'put',
    put: {
      id: 'browns', label: 'Cover', icon: 'i-ph-leaf', what: 'stuff', role: 'cover', families: COVERS, button: 'Covered',
      said: 'Covered with',
    },
  },
  {
    kind: 'put',
    put: { id: 'watered', label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered' },
  },
  { kind: 'gauge', quantity: height },
  { kind: 'gauge', quantity: warmth },
  { kind: 'deed', fits: batch => !isClosed(batch), deed: {
    id: CLOSED, label: 'No more in', icon: 'i-ph-lock', asks: [], cautions: [],
    how: 'The last caddy is in and covered a hand deep: from now on it only rests, and the next bay is fed.',
    said: () => ({ said: 'closed, it rests now.', answer: 'Ready counts from the last caddy.' }),
    words: () => 'Closed: nothing more goes in.',
  } },
  { kind: 'deed', deed: {
    id: MOVED, label: 'Into next bay', icon: 'i-ph-arrow-bend-up-right', asks: [], cautions: TAKE_CAUTIONS,
    how: 'Forked over into the next bay, top to the bottom, dry parts wetted: it airs, mixes, and warms a little once more.',
    said: batch => ({
      said: 'moved '
        + 'on'
        + (batch.did.some(({ deed }) => deed === MOVED)
          ? `, ${counted(batch.did.filter(({ deed }) => deed === MOVED).length + 1, 'time', 'times')} so far`
          : '') + '.',
      answer: 'What was raw on top lies below now.',
    }),
    words: () => 'Moved on into the next bay.',
  } },
]
