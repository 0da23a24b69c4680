<script setup lang="ts">
import { planValues, readKeptPlans, type KeptPlan } from '#core/garden/plan'

/** Plans put aside: keep this one, take one out again, compare. */
const bench = useBench()
const { draft, filled } = bench
const { store } = useGarden()
const { showNote } = useRecorder()
const { day } = useSay()
const kept = computed(() => readKeptPlans(store.documents))
const name = ref('')
const { trouble, take, givePlan } = usePlanFiles()

async function keep(): Promise<void> {
  const at = new Date()
  await store.write([{
    id: `plan.${newId(at)}`, kind: 'plan',
    values: {
      ...planValues(draft.value),
      name: name.value.trim() || `Plan ${kept.value.length + 1}`,
      keptAt: at.toISOString(),
      removed: false,
    },
  }])
  name.value = ''
}
async function drop({ id, name: gone }: KeptPlan): Promise<void> {
  await store.write([{ id, kind: 'plan', values: { removed: true } }])
  showNote(`“${gone}” is thrown away.`, () => void store.write([{ id, kind: 'plan', values: { removed: false } }]))
}
</script>

<template>
  <details class="line-rule">
    <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
      Plans put aside{{ kept.length > 0 ? ` (${kept.length})` : '' }}
    </summary>
    <ul class="pb-2">
      <li
        v-for="plan in kept"
        :key="plan.id"
        class="flex flex-wrap items-center gap-x-3"
        data-kept-plan
      >
        <span class="flex-1 min-w-32 text-highlighted">{{ plan.name }} <span class="aside-note">{{ day(plan.keptAt) }}</span></span>
        <button
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          @click="bench.replace(plan)"
        >
          lay out
        </button>
        <NuxtLink
          :to="`/bench/compare?with=${plan.id}`"
          class="tap grid place-items-center underline underline-offset-3 decoration-dotted"
        >
          compare
        </NuxtLink>
        <button
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          :aria-label="`save “${plan.name}” as a file`"
          data-give-plan
          @click="givePlan(plan)"
        >
          save as a file
        </button>
        <button
          type="button"
          class="tap grid place-items-center"
          :aria-label="`throw “${plan.name}” away`"
          @click="drop(plan)"
        >
          <UIcon
            name="i-ph-x"
            class="size-5"
          />
        </button>
      </li>
    </ul>
    <form
      v-if="filled.length > 0"
      class="flex gap-2 items-end pb-3"
      @submit.prevent="keep"
    >
      <label class="flex-1">
        <span class="field-label">Put this one aside as</span>
        <input
          v-model="name"
          class="text-field"
          maxlength="80"
          autocomplete="off"
          :placeholder="`Plan ${kept.length + 1}`"
        >
      </label>
      <button class="label-button">
        Put aside
      </button>
    </form>
    <FilePick
      label="Open a plan’s file"
      :trouble="trouble"
      @pick="take"
    />
  </details>
</template>
