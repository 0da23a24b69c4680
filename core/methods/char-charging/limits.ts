import { CHAR } from '../../char/constants'
import { massKg } from '../../mix/portion'
import { quantityText, percentText } from '../../units/format'
import { siteVolumeL, type Site } from '../../vessel/site'
import type { Surroundings, Warning } from '../contract'
import { CHARGE } from './constants'
import { feedAs, feedText } from './feeds'
import type { Laying } from './laying'
import { urineIn } from './recipe'
import type { ChargeWay } from './ways'

/** What a gardener's own shares are too much or too little of. */
export function limitsOf(site: Site, way: ChargeWay, laying: Laying, { units }: Surroundings): Warning[] {
  const { recipe, laid, urineL, own } = laying
  if (way.kind !== 'tub' || recipe.charL < CHARGE.leastL) return []
  const litres = (value: number) => quantityText('volume', units, value, 1)
  const [share, waterL] = [recipe.livingL / recipe.charL, recipe.waterL - urineL]
  const charged = laid.char.find(({ material }) => material.charged)
  const spaceL = siteVolumeL(site)
  return [
    ...(charged ? [{ materialId: charged.material.id, text: 'It is charged already: onto a bed with it.' }] : []),
    ...(way.with === 'living' && share < CHARGE.life.little
      ? [{
          text: `Little lives in it: ${litres(0.5 * recipe.charL)} to ${litres(recipe.charL)} of compost or castings go with `
            + `${litres(recipe.charL)} of char.`,
        }]
      : []),
    ...(share > CHARGE.life.much
      ? [{ text: `More compost than char, it stirs badly: about ${litres(recipe.charL)} of it are enough, the rest is for beds.` }]
      : []),
    ...(way.with === 'urine' && own && urineL <= 0 && laid.feeds.length === 0
      ? [{ text: `Nothing in it feeds: ${litres(urineIn(recipe.coversL))} of urine, or a nitrogen feed as its label says.` }]
      : []),
    ...(urineL > CHARGE.strongUrine * urineIn(recipe.waterL)
      ? [{
          text: `${percentText(urineL / recipe.waterL)} of the liquid is urine: one part to ${CHAR.urineParts} of water, `
            + `${litres(urineIn(recipe.waterL))} here; stronger, the nitrogen goes into the air.`,
        }]
      : []),
    ...(recipe.waterL < CHARGE.uncovered * recipe.coversL
      ? [{ text: `${litres(recipe.waterL)} do not cover it, and nests stay dry: ${litres(recipe.coversL)} would.` }]
      : []),
    ...(recipe.standsL > 0.9 * spaceL
      ? [{ text: `It stands at ${litres(recipe.standsL)} of ${litres(spaceL)}: no room to stir, and it runs over.` }]
      : recipe.standsL > (CHAR.filled + 0.05) * spaceL
        ? [{ text: `It stands at ${litres(recipe.standsL)} of ${litres(spaceL)}: little room for foam.` }]
        : []),
    ...laid.feeds.flatMap((one): Warning[] => {
      const feed = feedAs(one)
      const most = feed.mostGPerL * waterL
      return 1000 * massKg([one]) * recipe.fits > most * 1.02
        ? [{
            materialId: one.material.id,
            text: `Too much of it turns foul: ${feedText({ ...feed, label: one.material.short }, most, units)} in ${litres(waterL)} of `
              + 'water.',
          }]
        : []
    }),
  ]
}
