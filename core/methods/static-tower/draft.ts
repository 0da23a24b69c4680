import { addDays } from 'date-fns'
import { portionOf } from '../../mix/portion'
import type { Question } from '../../questions/question'
import { containerText } from '../../units/container'
import { quantityText, ratioText, roughly, spanText } from '../../units/format'
import { range } from '../../units/range'
import { asVessel, siteVolumeL } from '../../vessel/site'
import { frontWidthM, perimeterM } from '../../vessel/vessel'
import type { Draft, Fact, Proposal, Surroundings, Verdict, Warning } from '../contract'
import { channelPlan } from './plan'
import { COMPOST } from './prospects'
import { laidOut } from './sites'
import { RAIN } from './words'
import { TOWER } from './constants'
import type { Site } from '../../vessel/site'
import { type Tried, tryOut } from './trying'
import { steps } from './steps'

/** What is asked beside school, site and stuff. */
export function asks(): readonly Question[] {
  return [{
    id: RAIN, kind: 'choice', label: 'On top',
    choices: [
      { id: 'covered', label: 'a cover that breathes' }, { id: 'open', label: 'open to the rain' },
    ],
    usual: 'covered',
  }]
}

function verdictOf({ ratio, heightM, volumeL }: Tried, proposal: Proposal): Verdict {
  const roomL = siteVolumeL(proposal.site)
  if (ratio < TOWER.ratio.least)
    return {
      grade: 'poor',
      text: `At ${ratioText(ratio)} it is a hot heap and not a tower: it heats for weeks, runs short of air and bacteria take it.`,
      advice: 'More chips and leaves, less green',
    }
  if (heightM < TOWER.heightM.least)
    return { grade: 'poor', text: 'So low it dries through to the ground within days.', advice: 'More stuff, or a slimmer cage' }
  if (volumeL > 1.12 * roomL)
    return {
      grade: 'workable', text: 'More than goes in at once: keep the rest moist and fill it up after the first week, when it has sunk.',
    }
  if (ratio < TOWER.ratio.good)
    return {
      grade: 'workable',
      text: `At ${ratioText(ratio)} it gets rather warm: worms wait some weeks longer. Chips and leaves at 50 : 1 or more suit fungi `
        + 'better.',
    }
  if (ratio > TOWER.ratio.most)
    return {
      grade: 'workable',
      text: `At ${ratioText(ratio)} it hardly warms and takes its time: two years rather than one. Some leaves, or a bucket of grass to `
        + 'each ten of chips, bring it on.',
    }
  if (volumeL < 0.6 * roomL)
    return { grade: 'workable', text: 'The cage is not two thirds full: it sinks to a low layer within the year. Fill it to the rim.' }
  return { grade: 'good', text: `At ${ratioText(ratio)} and kept wet: a short warm week or two, then fungi, then worms.` }
}

const days = (values: readonly number[]) => {
  const [low, high] = [Math.round(Math.min(...values)), Math.round(Math.max(...values))]
  return low === high ? `${low}` : `${low} to ${high}`
}

function facts(tried: Tried, proposal: Proposal, surroundings: Surroundings): Fact[] {
  const { units, garden: { waterCan } } = surroundings
  const site = laidOut(proposal.site)
  const vessel = asVessel(site)
  const channels = site.kind === 'channelled' ? site.channels : []
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const lengthM = vessel.heightM + 0.4
  const metres = (value: number) => quantityText('length', units, value)
  const percent = (share: number) => `${Math.round(100 * share)}`
  return [
    {
      label: 'Air channels',
      value: channels.length === 0 ? 'none: the cloth is near enough' : `${channels.length}, each ${metres(channels[0]!.diameterM)} across`,
      why: `so that nothing lies farther than ${metres(TOWER.reachM)} from air, counted from the wall of a pipe or from the cloth`,
    },
    ...(channels.length > 0
      ? [
          {
            label: 'Pipes', value: `${channels.length} of ${metres(lengthM)}`,
            why: 'smooth drain pipe, a hand above the rim; pulled out after a day or two and used again',
          },
        ]
      : []),
    {
      label: 'Cage and cloth', value: `${metres(perimeterM(vessel) + 0.15)} of mesh, ${metres(vessel.heightM)} high`,
      why: `${metres(perimeterM(vessel) + 0.25)} of cloth that lets air and water through, as high, and a round of it as a cover`,
    },
    {
      label: 'Water to load it', value: containerText(tried.waterL / waterCan.volumeL, waterCan),
      why: `${litres(tried.waterL)}, to 70 %: soak leaves overnight, hose every layer`,
    },
    {
      label: 'Water each week',
      value:
        tried.weeklyL < 3 ? 'little: the rain and the cover keep it' : `up to ${containerText(tried.weeklyL / waterCan.volumeL, waterCan)}`,
      why: 'in the driest weeks, with the weather as it usually is',
    },
    {
      label: 'Warmest', value: spanText('temperature', units, Math.min(...tried.peakC), Math.max(...tried.peakC)),
      why: `worms after ${days(tried.coolDays)} days, three of them below ${quantityText('temperature', units, TOWER.wormsBelowC)}`,
    },
    {
      label: 'Sinks in a year', value: `${percent(Math.min(...tried.sunk))}–${percent(Math.max(...tried.sunk))} %`,
      why: 'a plain pile of the same stuff beside it is an honest control: link the two as a trial',
    },
  ]
}

function warnings({ ingredients }: Tried): Warning[] {
  return ingredients.flatMap(({ material }): Warning[] => {
    if (material.id === 'leaves-walnut')
      return [{ materialId: material.id, text: 'Walnut holds back fungi and plants for a year: keep it out.' }]
    if (material.family === 'kitchen')
      return [{ materialId: material.id, text: 'Kitchen scraps draw rats and heat it: a hot heap or worms eat them better.' }]
    return material.family === 'manure'
      ? [{ materialId: material.id, text: 'Manure makes it hot and bacterial: a bucket to ten of chips at most.' }]
      : []
  })
}

/** A tower cut open: what lies in it, and its channels. */
function pictureOf(site: Site, tried: Tried | undefined): Draft['picture'] {
  const vessel = asVessel(site)
  const heightM = Math.min(vessel.heightM * 1.2, tried?.heightM ?? 0)
  const loose = tried?.ingredients.map(portionOf) ?? []
  const sum = loose.reduce((all, { looseVolumeL }) => all + looseVolumeL, 0) || 1
  return {
    of: `The ${vessel.name.toLowerCase()} cut open`, widthM: frontWidthM(vessel), heightM: Math.max(vessel.heightM, heightM),
    parts: [
      { kind: 'walls', vessel },
      {
        kind: 'fill', heightM,
        bands: loose.map(({ material, looseVolumeL }) => ({
          family: material.family, short: material.short, heightShare: looseVolumeL / sum,
        })),
      },
      ...(site.kind === 'channelled'
        ? site.channels.map(channel => ({ kind: 'channel' as const, channel, heightM: vessel.heightM + 0.1 }))
        : []),
      { kind: 'soil' },
    ],
  }
}

/** What a planned tower comes to. */
export function draftOf(proposal: Proposal, surroundings: Surroundings): Draft {
  const tried = tryOut(proposal, surroundings)
  const site = laidOut(proposal.site)
  const { units, now } = surroundings
  const base = {
    site, picture: pictureOf(site, tried), fromAbove: channelPlan(`The ${asVessel(site).name.toLowerCase()}`, site, false),
    work: [
      { label: 'to soak and load it', minutes: range(120, 200, 360) },
      { label: 'water and a look, each week', minutes: range(5, 10, 20) },
    ],
  }
  if (!tried)
    return {
      ...base,
      summary: 'Nothing in it decays.',
      verdict: { grade: 'poor', text: 'Nothing of this decays: chips and leaves make a tower.' },
      facts: [],
      warnings: [],
      steps: [],
      gives: [],
      waterL: 0,
    }
  const [slow, , quick] = tried.readyDays as [number, number, number]
  const left = (share: number) => tried.volumeL * (1 - share)
  const litres = tried.sunk.map(left).sort((a, b) => a - b) as [number, number, number]
  return {
    ...base,
    summary: `${quantityText('volume', units, roughly(tried.volumeL))}, ${quantityText('length', units, tried.heightM)} high, `
      + `${ratioText(tried.ratio)}; ${quantityText('volume', units, roughly(tried.waterL))} of water.`,
    verdict: verdictOf(tried, proposal),
    facts: facts(tried, proposal, surroundings),
    warnings: warnings(tried),
    steps: steps(tried, proposal, surroundings),
    gives: [{
      ...COMPOST,
      litres: range(0.85 * litres[0], litres[1], 1.1 * litres[2]),
      from: addDays(now, Math.round(Math.min(slow, quick))),
      to: addDays(now, Math.round(Math.max(slow, quick) * 1.25)),
    }],
    waterL: Math.round(tried.waterL),
    ...(proposal.ingredients.some(({ amount: { count } }) => count > 0) ? {} : { recipe: tried.ingredients, proposed: true }),
  }
}
