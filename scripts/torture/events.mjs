// What is recorded in a run.
/** Anything that a gardener records, the next of a run. */
export function anEvent(world) {
  const written = ++world.written
  const { random } = world
  return world.pick([
    () => ({ kind: 'noted', batchId: `b${written % 17}`, text: `note ${written} ${'x'.repeat(Math.floor(random() * 300))}` }),
    () => ({
      kind: 'stocked', materialId: 'leaves-mixed', source: '',
      amount: { count: 1 + (written % 5), container: { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 }, packing: 'loose' },
    }),
    () => ({
      kind: 'began', batchId: `b${written % 17}`, name: `Heap ${written}`, place: '', methodId: 'hot-heap', approachId: 'weekly',
      inputs: [], site: { kind: 'frame', id: 'f', name: 'f', widthM: 1, depthM: 1, heightM: 1 }, answers: {}, waterL: 0,
    }),
    () => ({ kind: 'put', batchId: `b${written % 17}`, inputs: [], waterL: written % 40 }),
    () => ({ kind: 'did', batchId: `b${written % 17}`, deed: 'turned', answers: {} }),
    () => ({ kind: 'observed', batchId: `b${written % 17}`, sense: 'squeeze', finding: 'sponge' }),
    () => ({
      kind: 'gauged', batchId: `b${written % 17}`, quantity: 'heat', source: 'hand',
      values: [{ spot: 'core', value: 20 + (written % 50) }],
    }),
  ])()
}
