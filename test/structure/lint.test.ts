import { ESLint } from 'eslint'
import { beforeAll, describe, expect, it } from 'vitest'

// The rules that hold the structure are tried on lines that break them: a pattern that matches nothing is silent for ever.
let lint: ESLint

beforeAll(() => {
  lint = new ESLint({ cwd: process.cwd() })
})

async function said(filePath: string, text: string): Promise<string[]> {
  const [result] = await lint.lintText(text, { filePath })
  return (result?.messages ?? []).filter(({ ruleId }) => ruleId?.includes('no-restricted')).map(({ message }) => message)
}

describe('the lint that holds the structure', () => {
  it.each([
    ['the alias', 'import { x } from \'#core/heat\''], ['a file within', 'import { x } from \'#core/methods/heated/words\''],
    ['dots', 'import { x } from \'../core/methods/brew\''], ['the root\'s alias', 'import { x } from \'~~/core/methods/leafmould/draft\''],
  ])('keeps screens from a method and from heat, by %s', async (_, line) => {
    expect(await said('app/utils/tried.ts', `${line}\n\nexport default x\n`)).toEqual([
      expect.stringContaining('Screens draw what the contract offers'),
    ])
  })

  it('lets screens ask the contract and the list', async () => {
    expect(
      await said(
        'app/utils/tried.ts',
        'import { x } from \'#core/methods/contract\'\nimport { y } from \'#core/methods\'\n\nexport default [x, y]\n',
      ),
    ).toEqual([])
  })

  it.each(['app/utils/tried.ts', 'core/bench/tried.ts', 'core/methods/contract/tried.ts', 'core/methods/leafmould/tried.ts'])(
    'finds a method\'s id in %s',
    async (file) => {
      expect(await said(file, 'export default \'hot-heap\'\n')).toEqual([expect.stringContaining('a method\'s own word')])
    },
  )

  it('lets small things be remembered through one door alone', async () => {
    for (const line of ['useLocalStorage(\'a\', 1)', 'localStorage.getItem(\'a\')', 'window.sessionStorage', 'useStorage(\'a\', 1)'])
      expect(await said('app/composables/useTried.ts', `export default () => ${line}\n`), line).toEqual([
        expect.stringContaining('Small things are remembered in'),
      ])
    expect(await said('app/storage/remembered.ts', 'export default () => localStorage.getItem(\'a\')\n')).toEqual([])
  })

  it('finds it in a template too', async () => {
    expect(await said('app/components/Tried.vue', '<template>\n  <div v-if="$attrs.id === \'brew\'" />\n</template>\n')).toHaveLength(1)
  })

  it('keeps the truth that forecasts are tried against away from whoever makes them', async () => {
    for (const file of ['core/learning/tried.ts', 'core/methods/hot-heap/tried.ts', 'app/utils/tried.ts'])
      expect(await said(file, 'import { x } from \'../../../bench/foreign\'\n\nexport default x\n')).toHaveLength(1)
  })

  it('keeps methods apart, and the core from screens, clock and chance', async () => {
    expect(await said('core/methods/brew/tried.ts', 'import { x } from \'../leafmould/leaves\'\n\nexport default x\n')).toEqual([
      expect.stringContaining('does not know another'),
    ])
    expect(await said('core/methods/heated/tried.ts', 'import { x } from \'../hot-heap/layers\'\n\nexport default x\n')).toEqual([
      expect.stringContaining('knows none of them'),
    ])
    expect(await said('core/mix/tried.ts', 'import { x } from \'vue\'\n\nexport default x\n')).toHaveLength(1)
    expect(await said('core/mix/tried.ts', 'export default [Date.now(), new Date(), Math.random()]\n')).toHaveLength(3)
  })

  it.each([
    ['app/pages/tried.vue', '~/storage/desk'], ['app/components/tried.vue', '~/storage/desk'],
    ['app/components/tried.vue', '~/pages/store'], ['app/composables/tried.ts', '~/components/choose/MethodTiles.vue'],
    ['app/stores/tried.ts', '../composables/useGarden'], ['app/storage/tried.ts', '~/stores/garden'],
    ['app/workers/tried.ts', '~/stores/garden'], ['app/utils/tried.ts', '~/storage/desk'],
  ])('keeps the order of the app: %s does not ask %s', async (file, path) => {
    const line = `import { x } from '${path}'\n\nexport default x\n`
    expect(await said(file, file.endsWith('.vue') ? `<script lang="ts">\n${line}</script>\n` : line)).toEqual([
      expect.stringContaining('pages, components, composables, stores, storage'),
    ])
  })

  it('finds a composable that a store takes without an import', async () => {
    expect(await said('app/stores/tried.ts', 'export default () => useGarden()\n')).toEqual([
      expect.stringContaining('do not know composables'),
    ])
    expect(await said('app/components/tried.ts', 'export default () => useGarden()\n')).toEqual([])
  })
})
