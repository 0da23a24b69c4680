import { quantityText, roughly } from '../../units/format'
import type { BuildStep, Proposal, Surroundings } from '../contract'
import { wormApproach } from './approaches'
import { asVessel } from '../../vessel/site'
import type { Vessel } from '../../vessel/vessel'
import type { Tried } from './sizing'
import { BED } from './words'

/** Where it begins from: the scraps there are, or the box one has. */

export const kilos = ({ units }: Surroundings, { low, high }: { readonly low: number, readonly high: number }) =>
  `${quantityText('mass', units, low, 1)} to ${quantityText('mass', units, high, 1)}`

interface Parts {
  readonly bedding: BuildStep
  readonly feedFirst: BuildStep
  readonly wall: Vessel['wall']
  /** The bed around it has hardly any worms. */
  readonly few: boolean
}

/** What is the same wherever worms are kept: their bedding, and the first feed. */
function partsFor({ site, answers }: Proposal, tried: Tried, { units }: Surroundings): Parts {
  const [litres, water] = [tried.beddingL, tried.waterL].map(value => quantityText('volume', units, roughly(value)))
  return {
    wall: asVessel(site).wall, few: answers[BED] === 'few',
    bedding: {
      when: 'building', title: `Bedding: ${litres} of torn card, paper or leaves`,
      detail: `Torn to strips a finger wide, soaked in ${water} of water and wrung; a handful of soil and a spoon of crushed eggshell as `
        + 'grit.',
      cautions: ['No glossy or taped card; staples and labels off.'],
    },
    feedFirst: {
      when: 'after', title: 'Begin to feed',
      detail: 'Little and buried, each feed with as much bedding; the next when most of the last is gone.',
      cautions: ['No meat, dairy, oil or salt; citrus and onions a handful.'],
    },
  }
}

const LINES = 'Call before you dig where lines may lie.'
/** A pipe is drilled; what is set of bricks or boards has its gaps. */
const setting = (wall: Vessel['wall']): BuildStep => wall === 'plastic'
  ? {
      when: 'before', title: 'Drill and set the pipe',
      detail: 'Holes of a finger, a hand apart, in the lower two thirds; level, buried to its holes, a forearm from the next plant.',
      cautions: [`Goggles when you drill. ${LINES}`],
    }
  : {
      when: 'before', title: 'Set the ring',
      detail: 'Dug in by two thirds, bricks a finger apart so that worms come and go; level, a forearm from the next plant.',
      cautions: [LINES],
    }

const towerSteps = ({ bedding, feedFirst, wall, few }: Parts): BuildStep[] => [
  setting(wall),
  {
    when: 'building', title: 'Lid',
    detail: 'A pot turned over or a tile, closed in summer: soldier flies. A mesh below against moles.', cautions: [],
  },
  {
    ...bedding,
    detail: `${bedding.detail} A hand of feed on it and a week of rest`
      + `${few ? ' before worms go in' : ': the worms of the bed come by themselves'}.`,
  },
  feedFirst,
]

const bedSteps = ({ bedding, feedFirst }: Parts): BuildStep[] => [
  {
    when: 'before', title: 'Frame and ground',
    detail: 'On soil in shade, boards or bricks as a frame; mesh below against moles, a screen above against birds.',
    cautions: ['No pallets that are stamped with a methyl bromide treatment, painted or unmarked.'],
  },
  bedding,
  {
    when: 'building',
    title: 'Worms in',
    detail: 'In the light, spread out; sacking on top. A look at the water every day in the first week.',
    cautions: [],
  },
  {
    ...feedFirst,
    detail: 'Food that was mixed and rotted for a week or two beforehand, in a thin layer over one half, then over the other.',
  },
]

const binSteps = ({ bedding, feedFirst }: Parts): BuildStep[] => [
  {
    when: 'before', title: 'Prepare the box',
    detail: 'A dozen holes in the bottom for what drips, as many below the rim for air, a tray beneath, a lid that does not shut tight.',
    cautions: ['A lidded tub without air holes kills them.', 'Goggles when you drill.'],
  },
  bedding,
  {
    when: 'building', title: 'Worms in',
    detail: 'Spread on top in the light: they go down by themselves. A lamp over the open lid keeps them in on the first nights.',
    cautions: ['Surface worms, not the earthworms of the garden; never let kinds from elsewhere loose: ask your local rules.'],
  },
  feedFirst,
]

const STEPS: Readonly<Record<string, (parts: Parts) => BuildStep[]>> = { tower: towerSteps, bed: bedSteps }

export function steps(proposal: Proposal, tried: Tried, surroundings: Surroundings): BuildStep[] {
  return (STEPS[wormApproach(proposal.approachId).id] ?? binSteps)(partsFor(proposal, tried, surroundings))
}
