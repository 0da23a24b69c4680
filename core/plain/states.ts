import { table } from '../constants/constants'

/** Where one word for a state ends and the next begins. */
export const PLAIN = table('Where one plain word ends and the next begins', {
  share: ['share', 'half way between the parts that are named; choice'],
  wet: ['wet basis', 'beyond what suits it, as a squeeze tells it apart; practice'],
  ratio: ['C : N', 'as a good composter calls a mix; practice'],
}, {
  share: { hardly: 0.05, tenth: 0.17, quarter: 0.29, third: 0.42, half: 0.58, twoThirds: 0.71, threeQuarters: 0.83, most: 0.95 },
  wet: { veryDry: 0.12, soaked: 0.09 },
  ratio: { green: 18, littleGreen: 23, littleBrown: 38, brown: 46 },
} as const)

/** A part of a whole as one says it: "about a third"; from 0 to 1, beyond which it is taken as one of them. */
export function partText(share: number): string {
  const { hardly, tenth, quarter, third, half, twoThirds, threeQuarters, most } = PLAIN.share
  const words: readonly (readonly [number, string])[] = [
    [hardly, 'hardly any'], [tenth, 'about a tenth'], [quarter, 'about a quarter'], [third, 'about a third'], [half, 'about half'],
    [twoThirds, 'about two thirds'], [threeQuarters, 'about three quarters'], [most, 'most'],
  ]
  return words.find(([until]) => share < until)?.[1] ?? 'all'
}

/** How far something is on its way: "hardly begun", "about half way to loam", "done". @param goal "to loam"; left out where it is plain. */
export function wayText(share: number, goal = ''): string {
  const part = partText(share)
  if (part === 'hardly any') return 'hardly begun'
  if (part === 'all') return 'done'
  if (part === 'most') return 'nearly done'
  return `${part} ${part === 'about half' ? 'way' : 'of the way'}${goal && ` ${goal}`}`
}

/** How wet something is, against what suits it: "moist", "too dry". Moistures wet basis, 0 to 1. */
export function wetnessText(moistureFraction: number, [low, high]: readonly [number, number]): string {
  if (moistureFraction < low - PLAIN.wet.veryDry) return 'far too dry'
  if (moistureFraction < low) return 'a little dry'
  if (moistureFraction <= high) return 'moist'
  return moistureFraction <= high + PLAIN.wet.soaked ? 'wet' : 'soaking wet'
}

/** The same of what is only known as a span: both ends where they are called otherwise. */
export function wetnessSpanText(
  span: { readonly low: number, readonly high: number }, suits: readonly [number, number],
): string {
  const [from, to] = [wetnessText(span.low, suits), wetnessText(span.high, suits)]
  return from === to ? from : `${from} to ${to}`
}

/** Carbon to nitrogen as one says it: "a little too brown"; nothing where it is right. */
export function ratioWord(carbonToNitrogen: number): string {
  const { green, littleGreen, littleBrown, brown } = PLAIN.ratio
  if (carbonToNitrogen < green) return 'too green'
  if (carbonToNitrogen < littleGreen) return 'a little too green'
  if (carbonToNitrogen <= littleBrown) return ''
  return carbonToNitrogen <= brown ? 'a little too brown' : 'too brown'
}
