<script setup lang="ts">
import { format } from 'date-fns'
import { readKeptPlans } from '#core/garden/plan'

definePageMeta({ title: 'Two plans' })

/** Two plans side by side: the bench and one that was put aside. */
const bench = useBench()
const { store, clock } = useGarden()
const { amount } = useSay()
const { figuresOf } = usePlanFigures()
const route = useRoute()
const router = useRouter()

const kept = computed(() => readKeptPlans(store.documents))
const other = computed(() => kept.value.find(({ id }) => id === route.query.with) ?? kept.value[0])

const begun = ref(format(clock.value, 'yyyy-MM-dd'))
const start = computed(() => new Date(`${begun.value}T08:00:00`))
/** What each would do, begun on the same day. */
const courses = [usePlanAhead(() => bench.effective.value, () => start.value), usePlanAhead(() => other.value, () => start.value)] as const
const aheadLabels = computed(() => [...new Set(courses.flatMap(({ ahead }) => ahead.value?.facts.map(({ label }) => label) ?? []))])
const aheadOf = (side: number, label: string) => courses[side]?.ahead.value?.facts.find(fact => fact.label === label)
const busy = computed(() => courses.some(({ working }) => working.value))

const sides = computed(() => [
  figuresOf('On the bench', bench.draft.value),
  ...(other.value ? [figuresOf(other.value.name, other.value)] : []),
])
const labels = computed(() => sides.value.find(({ lines }) => lines.length > 0)?.lines.map(({ label }) => label) ?? [])

async function swap(): Promise<void> {
  if (!other.value) return
  bench.replace(other.value)
  await router.push('/bench')
}
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline justify-between gap-3 mb-3">
      <h1>Two plans</h1>
      <NuxtLink
        to="/bench"
        class="label-button plain"
      >Back to the bench</NuxtLink>
    </header>
    <p v-if="kept.length === 0">
      Nothing is put aside yet. On the bench, put a plan aside, change it, and compare.
    </p>
    <template v-else>
      <ChoiceRow
        v-if="kept.length > 1"
        :model-value="other?.id"
        label="Beside the bench"
        :choices="kept.map(({ id, name }) => ({ id, label: name }))"
        class="mb-4"
        @update:model-value="id => router.replace({ query: { with: id } })"
      />
      <table class="w-full max-w-3xl text-left border-collapse table-fixed">
        <caption class="sr-only">
          The plan on the bench and the one put aside
        </caption>
        <thead>
          <tr class="align-bottom">
            <td class="w-1/4" />
            <th
              v-for="side in sides"
              :key="side.title"
              scope="col"
              class="p-2 font-normal"
            >
              <h2 class="mb-2">
                {{ side.title }}
              </h2>
              <PictureDrawing
                v-if="side.picture"
                :picture="side.picture"
                :label="`${side.title}, cut open`"
                :px-per-metre="95"
              />
            </th>
          </tr>
        </thead>
        <tbody>
          <tr class="line-rule align-top">
            <th
              scope="row"
              class="py-2 pr-2 font-semibold"
            >
              Goes in
            </th>
            <td
              v-for="side in sides"
              :key="side.title"
              class="p-2"
            >
              <p
                v-for="one in side.ingredients"
                :key="one.material.id"
                class="flex gap-1.5 items-start"
              >
                <HatchSwatch
                  :family="one.material.family"
                  :size="18"
                />{{ amount(one.amount.count, one.amount.container) }} of
                {{ one.prepared ? `${one.prepared} ` : '' }}{{ one.material.short }}
              </p>
              <p v-if="side.ingredients.length === 0">
                nothing
              </p>
            </td>
          </tr>
          <tr
            v-for="(label, row) in labels"
            :key="label"
            class="line-rule align-top"
          >
            <th
              scope="row"
              class="py-2 pr-2 font-semibold"
            >
              {{ label }}
            </th>
            <td
              v-for="side in sides"
              :key="side.title"
              class="p-2"
            >
              <span class="font-serif text-lg text-highlighted">{{ side.lines[row]?.value ?? '–' }}</span>
              <span class="aside-note">{{ side.lines[row]?.note }}</span>
            </td>
          </tr>
          <tr
            v-for="label in aheadLabels"
            :key="`ahead ${label}`"
            class="line-rule align-top"
            data-ahead-row
          >
            <th
              scope="row"
              class="py-2 pr-2 font-semibold"
            >
              {{ label }}
            </th>
            <td
              v-for="(side, index) in sides"
              :key="side.title"
              class="p-2"
            >
              <span class="font-serif text-lg text-highlighted">{{ aheadOf(index, label)?.value ?? '–' }}</span>
              <span class="aside-note">{{ aheadOf(index, label)?.why }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <div class="flex flex-wrap gap-3 items-end mt-3">
        <label>
          <span class="field-label">Both begun on</span>
          <input
            v-model="begun"
            type="date"
            class="text-field"
            :min="format(clock, 'yyyy-MM-dd')"
          >
        </label>
        <p
          class="aside-note"
          role="status"
        >
          {{ busy ? 'Working out what they would do…' : '' }}
        </p>
      </div>
      <button
        type="button"
        class="label-button mt-4"
        @click="swap"
      >
        Lay “{{ other?.name }}” on the bench
      </button>
    </template>
  </div>
</template>
