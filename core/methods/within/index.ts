import type { BegunBatch, Did } from '../../journal/garden'
import { withinReason } from '../../questions/question'
import { deedOf, type Deed, type Method, type Pad } from '../contract'

/**
 * What a method is handed, whoever wrote it: answers within what its questions can be answered with. A file may hold any number; no
 * screen, and no sum, is to stumble over one. What is sound is handed on as it is.
 */
function soundly(method: Method): (batch: BegunBatch) => BegunBatch {
  const made = new WeakMap<BegunBatch, BegunBatch>()
  const didWithin = (did: Did): Did => {
    const answers = withinReason(deedOf(method.life, did.deed)?.asks ?? [], did.answers)
    return answers === did.answers ? did : { ...did, answers }
  }
  return (batch) => {
    const known = made.get(batch)
    if (known) return known
    const answers = withinReason(method.plan.asks(batch.began.approachId), batch.began.answers)
    const did = batch.did.map(didWithin)
    const sound = answers === batch.began.answers && did.every((one, at) => one === batch.did[at])
      ? batch
      : { ...batch, began: { ...batch.began, answers }, did }
    made.set(batch, sound)
    return sound
  }
}

type Given = (...given: readonly unknown[]) => unknown
const isBatch = (given: unknown): given is BegunBatch =>
  typeof given === 'object' && given !== null && 'began' in given && 'puts' in given && 'did' in given

/** A part of a method, each of its functions handed sound batches, however deep it lies. */
function handed<T>(part: T, sound: (batch: BegunBatch) => BegunBatch): T {
  const hand = (given: unknown): unknown => {
    if (isBatch(given)) return sound(given)
    return Array.isArray(given) && given.some(isBatch) ? given.map(hand) : given
  }
  const deep = (one: unknown): unknown => {
    if (typeof one === 'function') return (...given: readonly unknown[]) => (one as Given)(...given.map(hand))
    if (Array.isArray(one)) return one.map(deep)
    if (one === null || typeof one !== 'object' || Object.getPrototypeOf(one) !== Object.prototype) return one
    return Object.fromEntries(Object.entries(one).map(([name, value]) => [name, deep(value)]))
  }
  return deep(part) as T
}

const deedWithin = (deed: Deed): Deed => ({
  ...deed,
  said: (batch, answers, around) => deed.said(batch, withinReason(deed.asks, answers), around),
  words: (answers, around) => deed.words(withinReason(deed.asks, answers), around),
})
const padWithin = (pad: Pad): Pad => pad.kind === 'deed' ? { ...pad, deed: deedWithin(pad.deed) } : pad

/** A method that is never handed answers beyond what it asks for. */
export function within(method: Method): Method {
  const sound = soundly(method)
  const { plan } = method
  return {
    ...method,
    plan: { ...plan, draft: (proposal, around) =>
      plan.draft({ ...proposal, answers: withinReason(plan.asks(proposal.approachId), proposal.answers) }, around) },
    life: handed({ ...method.life, pads: method.life.pads.map(padWithin) }, sound),
  }
}
