/** Small line drawings for what is felt, smelt and seen: paths in a field of 32 by 32. */
const FIST = ['M7 13c0-4 3-7 9-7s9 3 9 7v3c0 3-3 5-9 5s-9-2-9-5z', 'M11.5 7v6M16 6v7M20.5 7v6']
const drop = (x: number, y: number) => `M${x} ${y}c-2 3-2 5 0 5s2-2 0-5`
const dots = (...places: readonly (readonly [x: number, y: number])[]) => places.map(([x, y]) => `M${x} ${y}h.1`).join('')
const ring = (x: number, y: number, r: number) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
const waves = (...heights: readonly number[]) => heights.map(y => `M5 ${y}c4-3 7 3 11 0s7 3 11 0`)
const LEAF = 'M6 26C6 12 14 6 26 6c0 12-6 20-18 18'

/** What each drawing shows is its name. */
export const DRAWINGS = {
  fistDust: [...FIST, dots([10, 25], [14, 28], [18, 25], [22, 28])],
  fist: FIST,
  fistDrop: [...FIST, drop(16, 24)],
  fistDrops: [...FIST, drop(10, 23), drop(16, 25), drop(22, 23)],
  fistRuns: [...FIST, 'M11 23v7M16 23v8M21 23v7'],
  mushroom: ['M5 16c0-7 5-10 11-10s11 3 11 10z', 'M13 16v8c0 2 6 2 6 0v-8'],
  nothing: [ring(16, 16, 10), 'M9 9l14 14'],
  sharp: ['M5 24l4-9 4 6 4-11 4 8 6-9'],
  drop: ['M16 5c-5 7-7 10-7 14a7 7 0 0 0 14 0c0-4-2-7-7-14', 'M12 20c2 2 6 2 8 0'],
  egg: ['M16 5c-5 0-8 8-8 13a8 8 0 0 0 16 0c0-5-3-13-8-13', 'M8 17l4-2 3 3 3-3 3 3 3-2'],
  flame: ['M16 4c1 5 7 7 7 14a7 7 0 0 1-14 0c0-3 2-5 3-7 1 2 2 3 3 3 1-4 0-7 1-10'],
  eye: ['M4 16c4-6 8-8 12-8s8 2 12 8c-4 6-8 8-12 8s-8-2-12-8', ring(16, 16, 4)],
  steam: [10, 16, 22].map(x => `M${x} 27c-3-4 3-6 0-10s3-6 0-11`),
  threads: ['M4 16h24', 'M10 16c2-6 6-6 8-10M13 16c2 6 6 5 9 11M20 16c1-3 4-3 6-8'],
  ashy: ['M4 25c4-10 8-15 12-15s8 5 12 15z', dots([12, 21], [16, 15], [20, 20], [16, 22])],
  mats: waves(10, 16, 22),
  fly: ['M16 13v9', 'M16 14C9 6 5 12 9 16c2 1 5 0 7-2M16 14c7-8 11-2 7 2-2 1-5 0-7-2'],
  ant: [ring(8, 18, 3), ring(15, 18, 3), ring(23, 17, 4), 'M13 15l-2-5M16 15l2-5M13 21l-2 5M17 21l2 5'],
  rat: ['M5 21c0-6 5-9 11-9 5 0 8 3 8 9z', 'M24 19c4 0 5-4 3-8', dots([9, 18])],
  worm: ['M4 21c4-9 8 6 12-2s8-7 12-3'],
  leaf: [LEAF, 'M6 26L20 12'],
  leafRagged: ['M6 26C6 19 8 14 12 11l2 3 2-5 3 2 2-4c2-.6 3-1 5-1 0 5-1 8-3 12l-3-1 0 4-4 0-1 3c-2 1-5 1-7 0', 'M6 26L18 14'],
  bits: ['M6 12l5-3 2 5-5 2zM17 8l6-1 1 5-5 1zM9 21l5-2 3 4-5 3zM21 18l5 0 0 5-4 1z'],
  earth: ['M4 25c4-7 8-10 12-10s8 3 12 10z', dots([11, 21], [16, 18], [21, 21], [16, 22], [8, 24], [24, 24])],
  roots: ['M16 4v10', 'M16 14c-2 5-6 6-8 13M16 14c0 6 1 9 0 14M16 14c3 4 6 6 8 13'],
  bubbles: [ring(11, 21, 5), ring(21, 17, 4), ring(14, 8, 3)],
  still: ['M7 6l2 20h14l2-20', 'M8 13h16'],
  slime: ['M5 18c0-5 4-3 5-7s6-5 8-1 6 1 8 6-2 8-6 8-4 3-8 2-7-3-7-8', ring(14, 18, 2)],
  loaf: ['M5 14c0-5 6-7 11-7s11 2 11 7c0 2-1 3-2 3v8H7v-8c-1 0-2-1-2-3', 'M12 11l2 4M18 11l2 4'],
  dung: ['M6 26h20c1-4-1-6-4-6 2-4-1-6-4-6 1-3 0-6-4-8 0 3-4 4-4 8 0 2-3 2-3 6-3 0-4 4-1 6'],
} as const satisfies Readonly<Record<string, readonly string[]>>
