<script setup lang="ts">
import type { GroupOfLots } from '~/utils/lot-groups'

/** One material of the store: its lots, folded together where there are several. */
const { group } = defineProps<{ group: GroupOfLots }>()
const { quantity } = useSay()
const FEW = 2
const open = ref(false)
const shown = computed(() => open.value || group.lots.length <= FEW ? group.lots : group.lots.slice(0, 1))
const rest = computed(() => group.lots.slice(shown.value.length))
</script>

<template>
  <li class="line-rule">
    <ul>
      <LotRow
        v-for="lot in shown"
        :key="lot.lot.id"
        :stored="lot"
      />
    </ul>
    <button
      v-if="group.lots.length > FEW"
      type="button"
      class="tap pl-12 underline underline-offset-3 decoration-dotted"
      :aria-expanded="open"
      @click="open = !open"
    >
      {{
        open
          ? `fewer of ${group.material.short}`
          : `${quantity('volume', rest.reduce((sum, { leftL }) => sum + leftL, 0))} more of ${group.material.short}`
      }}
    </button>
  </li>
</template>
