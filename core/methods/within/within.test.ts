import { describe, expect, it } from 'vitest'
import { aroundOn, begun, did } from '../../../test/builders/batches'
import { LIVES } from '../../../test/builders/method-cases'
import { findMethod } from '..'
import { mulch } from '../mulching'
import { STEMS } from '../mulching/words'
import { sitesFor } from '../contract'

describe('what a method is handed', () => {
  const site = sitesFor(mulch, mulch.face.approaches[0]!.id)[0]!
  const batchWith = (answers: Record<string, number | string>) =>
    begun({ methodId: mulch.id, approachId: mulch.face.approaches[0]!.id, site, answers })
  const shipped = findMethod(mulch.id)!

  it('has no answer beyond what is asked for, on whatever page', () => {
    const most = mulch.plan.asks(mulch.face.approaches[0]!.id).find(({ id }) => id === STEMS)
    if (!most || !('most' in most)) throw new Error('stems are asked for')
    const [wild, tame] = [batchWith({ [STEMS]: 1e9 }), batchWith({ [STEMS]: most.most })]
    expect(shipped.life.fromAbove!(wild, aroundOn(3))).toEqual(shipped.life.fromAbove!(tame, aroundOn(3)))
    expect(shipped.life.facts(wild, aroundOn(3))).toEqual(shipped.life.facts(tame, aroundOn(3)))
  })

  it('is as it was recorded where that is sound, deeds and all', () => {
    for (const [plain] of LIVES) {
      const approachId = plain.face.approaches[0]!.id
      const batch = begun({ methodId: plain.id, approachId, site: sitesFor(plain, approachId)[0]! }, [did(1, 'turned')])
      expect(findMethod(plain.id)!.life.standing(batch, aroundOn(3))).toEqual(plain.life.standing(batch, aroundOn(3)))
    }
  })
})
