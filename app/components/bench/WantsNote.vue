<script setup lang="ts">
import { format } from 'date-fns'
import type { Wants } from '#core/methods/contract'

/** What has to be gathered for a plan: onto a collecting list by a day, or laid on the bench as it is. */
const { wants, lays = false } = defineProps<{ wants: Wants, lays?: boolean }>()
const bench = useBench()
const { startCollecting } = useCollecting()
const { amount } = useSay()
const by = ref('')
const until = computed(() => by.value || format(wants.by, 'yyyy-MM-dd'))
async function collect(): Promise<void> {
  await startCollecting(until.value, wants.ingredients)
  await navigateTo('/store')
}
</script>

<template>
  <section
    aria-labelledby="wants"
    data-wants
  >
    <h3
      id="wants"
      class="mb-1"
    >
      To gather
    </h3>
    <ul>
      <li
        v-for="one in wants.ingredients"
        :key="`${one.material.id} ${one.amount.container.id}`"
        class="line-rule py-1 flex items-center gap-2"
      >
        <HatchSwatch
          :family="one.material.family"
          :size="20"
        />{{ amount(one.amount.count, one.amount.container) }}<span class="aside-note">{{ one.material.short }}</span>
      </li>
    </ul>
    <div class="flex flex-wrap gap-3 items-end mt-2">
      <label class="block">
        <span class="field-label">Gathered by</span>
        <input
          :value="until"
          type="date"
          class="text-field"
          @change="by = ($event.target as HTMLInputElement).value"
        >
      </label>
      <button
        type="button"
        class="label-button"
        data-collect
        @click="collect"
      >
        <UIcon
          name="i-ph-list-checks"
          class="size-5"
        />
        Onto a collecting list
      </button>
      <button
        v-if="lays"
        type="button"
        class="label-button"
        data-lay
        @click="bench.adopt(wants.ingredients)"
      >
        <UIcon
          name="i-ph-basket"
          class="size-5"
        />
        I have it: lay it out
      </button>
    </div>
  </section>
</template>
