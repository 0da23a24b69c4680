import { A_START, type ChargedWith, type CharState } from '../materials/char-state'
import { isRawRisk, rawOf, type Carried, type CarriedPart, type RawRisk } from './carried'

const RAW_WORDS: Readonly<Record<RawRisk, string>> = { dung: 'raw dung', urine: 'urine', meat: 'meat or fish' }

/** What is raw in it, in a few words: "raw dung and urine". */
export function rawWords(carried: Carried): string {
  return rawOf(carried).map(({ risk }) => RAW_WORDS[risk as RawRisk]).join(' and ')
}

/** Why what went in still counts as raw. */
export function whyRaw(carried: Carried): string {
  const raw = rawOf(carried)
  if (raw.length === 0) return ''
  if (raw.some(({ still }) => still === 'fresh')) return `There is ${rawWords(raw)} in it.`
  if (raw.some(({ still }) => still === 'never-hot'))
    return `There was ${rawWords(raw)} in it, and it was never read hot for three days on end and then turned.`
  return `There was ${rawWords(raw)} in it; it was hot, but nothing was sown in it to test it.`
}

function doubtWords({ risk, found }: CarriedPart): string {
  switch (risk) {
    case 'weedkiller': return found
      ? 'Beans found weedkiller in it: not on beds, and not passed on. Ask your local advisory service.'
      : 'It may hold a lasting weedkiller: try beans in it before it goes where beans, tomatoes, potatoes or lettuce grow.'
    case 'juglone':
      return 'There is walnut in it: away from tomatoes, peppers, potatoes, berries and seedlings until cress grows well in it, or for a '
        + 'year.'
    case 'salts': return 'It is rich in salts: little of it to seedlings and pots, until cress grows well in it.'
    case 'seeds': return 'Seeds in it are alive: it was not hot long enough.'
    case 'sickness': return 'Sickness of plants in it may be alive: not where the same kind grows.'
    default: return ''
  }
}

/** What is minded of what is carried beside what is raw. */
export function doubtNotes(carried: Carried): string[] {
  return carried.filter(({ risk }) => !isRawRisk(risk)).map(doubtWords)
}

/** What is minded of what is carried, in whole sentences, what is raw first. */
export function carriedCautions(carried: Carried): string[] {
  const raw = whyRaw(carried)
  return [
    ...(raw
      ? [`${raw} Nothing is harvested for 120 days where it touches the soil, 90 where it does not; rules where you live may ask for more.`]
      : []),
    ...doubtNotes(carried),
  ]
}

const WITH_WORDS: Readonly<Record<ChargedWith, string>> = {
  living: 'compost or castings', feed: 'a feed', urine: 'urine', pond: 'water with life in it', dung: 'dung, under animals',
}

/** What is known of char, in a sentence; nothing where nobody wrote it down. */
export function charWords(char: CharState | undefined): string[] {
  if (!char) return []
  const how = char.with.map(one => WITH_WORDS[one]).join(' and ')
  const far
    = char.charged < 0.005
      ? 'Raw: not charged so far.'
      : `About ${Math.round(100 * char.charged)} % `
        + `charged${how ? ` with ${how}` : ''}${char.charged < A_START ? ', which is as good as raw' : ''}.`
  return [`${far}${char.ashy ? ' Ash was not rinsed out of it.' : ''}`]
}
