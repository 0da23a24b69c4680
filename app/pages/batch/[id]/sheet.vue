<script setup lang="ts">
import { begunText, batchProposal } from '#core/methods/contract'

definePageMeta({ title: 'Build sheet' })

/** The build sheet of a batch that stands. */
const known = useRouteBatch()
const { materials, surroundings } = useGarden()
const proposal = computed(() => known.value && batchProposal(known.value.batch, materials.value))
const draft = computed(
  () =>
    known.value
    && proposal.value
    && known.value.method.plan.draft(proposal.value, { ...surroundings.value, now: new Date(known.value.batch.began.at) }),
)
</script>

<template>
  <div v-if="known && proposal && draft">
    <p class="no-print flex flex-wrap gap-3 items-center mb-3">
      <NuxtLink
        :to="`/batch/${known.batch.id}`"
        class="label-button plain"
      >Back to the {{ known.method.face.words.one }}</NuxtLink>
      <PrintButton />
    </p>
    <BuildSheet
      :proposal="proposal"
      :draft="draft"
      :method="known.method"
      :name="known.batch.name"
      :place="known.batch.place"
      :built-at="begunText(known.batch.began)"
    />
  </div>
  <NoBatch v-else />
</template>
