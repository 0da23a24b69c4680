import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { areaOf, holds, type Corner } from '../ground/outline'
import { shapePieces, type AreaShape } from '../ground/shape'
import { layOut, type Laid, type Layout } from './layout'
import { seededRandom } from '../random/random'
import { arePieces, piecesText, readPieces, type Piece } from '../questions/pieces'
import { waterToSoakL } from './soaking'

const card = (count: number, lengthM: number, widthM: number): Piece => ({ sort: 'card', count, lengthM, widthM })
const BOX = card(0, 0.8, 0.6)
const lay = (ground: AreaShape, pieces: readonly Piece[], overlapM = 0.15, missingLike: Piece = BOX) =>
  layOut({ ground: shapePieces(ground), pieces, missingLike, overlapM })

/** A piece shrunk by half the overlap on each side: its net cell. */
function net({ corners }: Laid, overlapM: number): Corner[] {
  const [cx, cy] = [corners.reduce((sum, [x]) => sum + x, 0) / 4, corners.reduce((sum, [, y]) => sum + y, 0) / 4]
  const [ux, uy] = [corners[1]![0] - corners[0]![0], corners[1]![1] - corners[0]![1]]
  const [vx, vy] = [corners[3]![0] - corners[0]![0], corners[3]![1] - corners[0]![1]]
  const [wide, deep] = [Math.hypot(ux, uy), Math.hypot(vx, vy)]
  const [a, b] = [(wide - overlapM) / wide / 2, (deep - overlapM) / deep / 2]
  return [[-1, -1], [1, -1], [1, 1], [-1, 1]].map(([s, t]): Corner => [cx + s! * a * ux + t! * b * vx, cy + s! * a * uy + t! * b * vy])
}

/** Spots of the ground, as close as a hand, that lie in no net cell, a hair off its edges. */
function bare(ground: AreaShape, layout: Layout, overlapM: number): Corner[] {
  const cells = layout.laid.map(one => net(one, overlapM - 2e-4))
  return shapePieces(ground).flatMap((corners) => {
    const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)]
    const spots: Corner[] = []
    for (let x = Math.min(...xs) + 0.011; x < Math.max(...xs); x += 0.09)
      for (let y = Math.min(...ys) + 0.013; y < Math.max(...ys); y += 0.09) if (holds(corners, [x, y])) spots.push([x, y])
    return spots.filter(spot => !cells.some(cell => holds(cell, spot)))
  })
}

describe('pieces laid over ground', () => {
  it('counts as by hand: 12 m² of boxes 60 by 80 cm with 15 cm overlap', () => {
    // Net 45 × 65 cm = 0.2925 m²; 12 ÷ 0.2925 = 41.03, so never below 42. Rows 65 cm deep over 3 m: 5 rows of 4 ÷ 0.45 = 9 boxes: 45.
    // Rows 45 cm deep: 7 rows of 4 ÷ 0.65 = 7: 49. Along the other side 4 m: 65 cm deep 7 rows of 7: 49; 45 cm: 9 rows of 5: 45.
    const { laid, missing, used, groundM2, wasteM2 } = lay({ shape: 'rectangle', widthM: 4, lengthM: 3 }, [card(60, 0.8, 0.6)])
    expect(groundM2).toBe(12)
    expect(missing).toBe(0)
    expect(used).toEqual([laid.length])
    expect(laid.length).toBeGreaterThanOrEqual(42)
    expect(laid.length).toBeLessThanOrEqual(45)
    expect(wasteM2).toBeCloseTo(laid.length * 0.2925 - 12, 6)
  })

  it('says what is missing beside what is there', () => {
    const all = lay({ shape: 'rectangle', widthM: 4, lengthM: 3 }, [card(60, 0.8, 0.6)]).laid.length
    const { missing, used } = lay({ shape: 'rectangle', widthM: 4, lengthM: 3 }, [card(20, 0.8, 0.6)])
    expect(used).toEqual([20])
    expect(missing).toBe(all - 20)
  })

  it('cuts a roll where the row ends, and begins the next on what is left of it', () => {
    // Net 85 cm wide over 1.7 m: two rows of 5 m; each cut is 5.15 m, so a roll of 10.3 m is just enough, and one of 10.2 m is not.
    const ground = { shape: 'rectangle', widthM: 5, lengthM: 1.7 } as const
    const roll = (lengthM: number): Piece => ({ sort: 'roll', count: 1, lengthM, widthM: 1 })
    expect(lay(ground, [roll(10.3)])).toMatchObject({ used: [2], missing: 0, wasteM2: 0 })
    expect(lay(ground, [roll(10.2)]).missing).toBeGreaterThan(0)
  })

  it('leaves no spot of any ground bare, with odd boxes, never lays fewer than ground over net piece, nor more than a plain grid', () => {
    const metres = (low: number, high: number) => fc.integer({ min: low * 20, max: high * 20 }).map(one => one / 20)
    const shapes: fc.Arbitrary<AreaShape> = fc.oneof(
      fc.record({ shape: fc.constant('rectangle' as const), widthM: metres(1, 6), lengthM: metres(1, 5) }),
      fc.record({ shape: fc.constant('circle' as const), diameterM: metres(1, 4) }),
      fc.record({
        shape: fc.constant('strip' as const), widthM: metres(0.4, 1), lengthM: metres(1, 6), count: fc.integer({ min: 1, max: 3 }),
      }),
      fc.tuple(metres(2, 4), metres(2, 4), metres(0.5, 1.5), metres(0.5, 1.5)).map(([w, d, a, b]): AreaShape => ({
        shape: 'outline',
        corners: [
          [0, 0], [w, 0], [w, d - b], [w - a, d - b], [w - a * 0.5, d], [0.3, d],
        ],
      })),
    )
    const size = fc.tuple(metres(0.35, 1.2), metres(0.35, 1.2))
    fc.assert(
      fc.property(
        shapes, fc.array(fc.tuple(size, fc.integer({ min: 1, max: 30 })), { minLength: 1, maxLength: 4 }), fc.constantFrom(0.1, 0.15),
        (ground, boxes, overlapM) => {
          const pieces = boxes.map(([[lengthM, widthM], count]) => card(count, lengthM, widthM))
          const layout = lay(ground, pieces, overlapM)
          expect(bare(ground, layout, overlapM)).toEqual([])
          expect(layout.used.every((count, at) => count <= pieces[at]!.count)).toBe(true)
          const netM2 = layout.laid.reduce((sum, one) => sum + areaOf(net(one, overlapM)), 0)
          const groundM2 = shapePieces(ground).reduce((sum, corners) => sum + areaOf(corners), 0)
          expect(netM2).toBeGreaterThanOrEqual(groundM2 - 1e-6)
          expect(layout.laidM2).toBeCloseTo(groundM2 + layout.wasteM2 + layout.overlapM2, 6)
          const first = card(2000, pieces[0]!.lengthM, pieces[0]!.widthM)
          const plain = lay(ground, [first], overlapM)
          const cell = (first.lengthM - overlapM) * (first.widthM - overlapM)
          expect(plain.laid.length).toBeGreaterThanOrEqual(Math.ceil(groundM2 / cell - 1e-9))
          if (ground.shape !== 'rectangle') return
          const rows = (metresLong: number, netM: number) => Math.ceil(metresLong / netM - 1e-9)
          const grid = [
            [first.lengthM, first.widthM], [first.widthM, first.lengthM],
          ].map(([a, b]) => rows(ground.widthM, a! - overlapM) * rows(ground.lengthM, b! - overlapM))
          expect(plain.laid.length).toBeLessThanOrEqual(Math.min(...grid))
        }), { numRuns: 120 })
  })

  it('counts what nobody would lay by a drawing, and no fewer than cover the ground', () => {
    // 300 m² over net cells of 9 by 10 cm: more than 33,000 pieces if all were of the smallest.
    const small = Array.from({ length: 12 }, (_, at) => card(2000, 0.2 + at * 0.01, 0.19 + at * 0.01))
    const ground = { shape: 'rectangle', widthM: 20, lengthM: 15 } as const
    const many = lay(ground, small, 0.1)
    const net = (piece: Piece) => (piece.lengthM - 0.1) * (piece.widthM - 0.1)
    expect([many.laid, many.places]).toEqual([[], many.used.reduce((sum, one) => sum + one, 0) + many.missing])
    expect(small.reduce((sum, piece, at) => sum + many.used[at]! * net(piece), 0) + many.missing * net(BOX)).toBeGreaterThanOrEqual(300)
    expect(many.laidM2).toBeCloseTo(many.groundM2 + many.wasteM2 + many.overlapM2, 6)
  })

  it('counts within a few in a hundred of what a drawing takes, on straight, round and odd ground', () => {
    // One size of 0.2925 m² net: 1,400 of them can still be drawn, 1,600 cannot. `side` is the root of the area.
    const shapes: readonly ((side: number) => AreaShape)[] = [
      side => ({ shape: 'rectangle', widthM: 1.2 * side, lengthM: side / 1.2 }),
      side => ({ shape: 'circle', diameterM: side * 2 / Math.sqrt(Math.PI) }),
      side => ({ shape: 'outline', corners: [[0, 0], [1.2 * side, 0], [1.2 * side, 0.5 * side], [0.5 * side, side], [0.1, side]] }),
    ]
    const perM2 = ({ places, groundM2 }: Layout) => places / groundM2
    const ratios = shapes.map((shape) => {
      const [drawn, counted] = [1400, 1600].map(cells => lay(shape(Math.sqrt(cells * 0.2925)), [card(2000, 0.8, 0.6)]))
      expect([drawn!.laid.length > 0, counted!.laid.length]).toEqual([true, 0])
      return perM2(counted!) / perM2(drawn!)
    })
    for (const ratio of ratios) expect(Math.abs(ratio - 1)).toBeLessThan(0.03)
    expect(Math.abs(ratios.reduce((sum, one) => sum + one, 0) / ratios.length - 1)).toBeLessThan(0.01)
  })

  it('comes to an end within its looks for any ground and any twelve sizes, the same each time', () => {
    const metres = (low: number, high: number) => fc.integer({ min: low * 100, max: high * 100 }).map(one => one / 100)
    const sort = fc.constantFrom('card' as const, 'news' as const, 'roll' as const)
    const piece = fc.record({ sort, count: fc.integer({ min: 1, max: 2000 }), lengthM: metres(0.15, 60), widthM: metres(0.15, 60) })
    const corner = fc.tuple(metres(0, 200), metres(0, 200))
    const ground = fc.oneof(
      fc.record({ shape: fc.constant('rectangle' as const), widthM: metres(0.3, 200), lengthM: metres(0.3, 200) }),
      fc.record({ shape: fc.constant('outline' as const), corners: fc.array(corner, { minLength: 3, maxLength: 24 }) }),
    )
    fc.assert(
      fc.property(ground, fc.array(piece, { minLength: 1, maxLength: 12 }), metres(0, 0.3), (shape, pieces, overlapM) => {
        const layout = lay(shape, pieces, overlapM)
        expect(layout.laid.length).toBeLessThanOrEqual(1500)
        expect([layout.laidM2, layout.wasteM2, layout.overlapM2, layout.places].every(Number.isFinite)).toBe(true)
        expect(lay(shape, pieces, overlapM)).toEqual(layout)
      }), { numRuns: 60 })
  })

  it('has looks enough for the best of all its ways in nine round beds of ten, the hardest ground', () => {
    const worse = Array.from({ length: 40 }, (_, seed) => {
      const random = seededRandom(seed)
      const pieces = Array.from({ length: 1 + Math.floor(4 * random()) }, () =>
        card(5 + Math.floor(40 * random()), 0.5 + 0.7 * random(), 0.4 + 0.5 * random()))
      const m2 = 12 + 28 * random()
      const ground = shapePieces({ shape: 'circle', diameterM: Math.sqrt(m2 * 4 / Math.PI) })
      const [found, best] = [undefined, 1e9].map(looks => layOut({ ground, pieces, missingLike: BOX, overlapM: 0.15 }, looks))
      return found!.missing > best!.missing || found!.laidM2 > best!.laidM2 + 1e-6
    }).filter(Boolean).length
    expect(worse).toBeLessThanOrEqual(4)
  })

  it('is the same ground whichever way it is turned', () => {
    const turnedBy = (angle: number): AreaShape => ({
      shape: 'outline',
      corners: [
        [0, 0], [4, 0], [4, 3], [0, 3],
      ].map(([x, y]): Corner => [x! * Math.cos(angle) - y! * Math.sin(angle), x! * Math.sin(angle) + y! * Math.cos(angle)]),
    })
    expect(lay(turnedBy(0.4), [card(60, 0.8, 0.6)]).laid.length).toBe(lay(turnedBy(0), [card(60, 0.8, 0.6)]).laid.length)
  })
})

describe('soaking', () => {
  it('takes 16.3 L for 10 kg of card from 8 to 65 %', () => {
    // 9.2 kg dry; at 65 % they hold 9.2 × 65 ÷ 35 = 17.09 kg, of which 0.8 is there.
    expect(waterToSoakL(10, 0.08, 0.65)).toBeCloseTo(16.29, 2)
    expect(waterToSoakL(10, 0.7, 0.65)).toBe(0)
  })
})

describe('pieces in an answer', () => {
  it('come back as they were written, and what is no piece is left out', () => {
    const pieces: Piece[] = [
      card(12, 0.8, 0.6), { sort: 'roll', count: 1, lengthM: 10, widthM: 1.2 }, { sort: 'news', count: 80, lengthM: 0.57, widthM: 0.4 },
    ]
    expect(piecesText(pieces)).toBe('card 12 of 0.8 x 0.6; roll 1 of 10 x 1.2; news 80 of 0.57 x 0.4')
    expect(readPieces(piecesText(pieces))).toEqual(pieces)
    expect(readPieces('card 12 of 0.8 x 0.6; card x of 1 x 1; card 3 of 0.01 x 2; tin 4 of 1 x 1')).toEqual([pieces[0]])
    expect([readPieces(7), readPieces(''), arePieces(''), arePieces('card 1 of 1 x 1'), arePieces('a heap'), arePieces(4)]).toEqual([
      [], [], true, true, false, false,
    ])
  })
})
