<script setup lang="ts">
definePageMeta({ title: 'The beds' })

/** The beds: what they are, what was spread on them, and how far what lies in the store goes. */
const { beds } = useBeds()
const route = useRoute()
const lotId = computed(() => typeof route.query.lot === 'string' ? route.query.lot : '')
const adding = ref(false)
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center justify-between gap-3">
      <h1>The beds</h1>
      <button
        type="button"
        class="label-button"
        :aria-expanded="adding"
        data-new-bed
        @click="adding = !adding"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        A new bed
      </button>
    </header>
    <BedForm
      v-if="adding"
      class="mt-4"
      @done="adding = false"
    />
    <p
      v-if="beds.length === 0 && !adding"
      class="mt-3 max-w-2xl"
    >
      Say once what your beds are: how large, what soil, what grows there. From then on compost, leaf mould and char know where they go, how
      much of it, and where they must not.
    </p>
    <BedsPlan
      v-else-if="beds.length > 0"
      :beds="beds"
      class="mt-4"
    />
    <div class="grid gap-x-10 gap-y-6 lg:grid-cols-2 mt-5">
      <SpreadPanel
        :key="lotId"
        :lot-id="lotId"
      />
      <section
        v-if="beds.length > 0"
        aria-labelledby="each"
      >
        <h2
          id="each"
          class="sr-only"
        >
          Bed by bed
        </h2>
        <ul>
          <BedItem
            v-for="bed in beds"
            :key="bed.id"
            :bed="bed"
          />
        </ul>
      </section>
    </div>
  </div>
</template>
