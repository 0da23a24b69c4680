<script setup lang="ts">
import { JoinForm, TakeForm } from '#components'
import type { KnownBatch } from '~/composables/useGarden'

definePageMeta({ title: 'Taking it out' })

/** Taking something out of a batch, or all of it. */
const known = useRouteBatch()
/** Once it is finished there is nothing more to enter; the page must not jump while it leaves. */
const opened = shallowRef<KnownBatch>()
watchEffect(() => { opened.value ??= known.value })
const { standing } = useGarden()
const goes = ref<'store' | 'other'>('store')
const canJoin = computed(() => opened.value?.method.life.goesOnAs !== undefined && standing.value.some(({ batch, method }) =>
  batch.id !== opened.value?.batch.id && method.life.goesOnAs !== undefined))
const WHERE = [{ id: 'store', label: 'into the store' }, { id: 'other', label: 'onto another that stands' }] as const
</script>

<template>
  <component
    :is="goes === 'other' ? JoinForm : TakeForm"
    v-if="opened"
    :known="opened"
  >
    <ChoiceRow
      v-if="canJoin"
      v-model="goes"
      class="mt-3"
      label="It goes"
      :choices="WHERE"
    />
  </component>
  <NoBatch v-else />
</template>
