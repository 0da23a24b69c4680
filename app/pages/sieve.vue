<script setup lang="ts">
definePageMeta({ title: 'Sieving' })

/** Sieving what lies in the store: which lots first, then the meshes and what came of it. */
const { stored } = useGarden()
const { amount, day, sieve } = useSay()
const route = useRoute()
const asked = computed(() => typeof route.query.lot === 'string' ? route.query.lot.split(',') : [])
const SIEVED = ['finished', 'char', 'mineral'] as const
const offered = computed(() => stored.value.filter(({ material }) => (SIEVED as readonly string[]).includes(material.family)))
const ids = ref<string[]>(asked.value)
const chosen = computed(() => offered.value.filter(({ lot }) => ids.value.includes(lot.id)))
/** Only lots of one material go through together: what comes of them is one thing. */
const material = computed(() => chosen.value[0]?.material)
const choices = computed(() => material.value ? offered.value.filter(one => one.material.id === material.value!.id) : offered.value)
const toggle = (id: string) => { ids.value = ids.value.includes(id) ? ids.value.filter(one => one !== id) : [...ids.value, id] }
</script>

<template>
  <div>
    <h1>Sieving</h1>
    <p v-if="offered.length === 0">
      Nothing that lies in the store is for the sieve. What you take out of a heap lands there.
    </p>
    <fieldset
      v-else
      class="mt-3 mb-5"
    >
      <legend class="field-label">
        Which of it
      </legend>
      <div class="flex flex-wrap gap-2">
        <button
          v-for="one in choices"
          :key="one.lot.id"
          type="button"
          class="label-button !px-3"
          :aria-pressed="ids.includes(one.lot.id)"
          :data-sieve-lot="one.material.id"
          @click="toggle(one.lot.id)"
        >
          <span>{{ capital(one.lot.called ?? one.material.short) }}<span class="block text-[0.82rem] font-normal opacity-85">{{
            amount(one.leftCount, one.lot.container) }},
            {{ day(one.lot.gatheredAt) }}{{ one.lot.sieveMm ? `, sieved ${sieve(one.lot.sieveMm)}`
              : '' }}</span></span>
        </button>
      </div>
    </fieldset>
    <SieveForm
      v-if="chosen.length > 0"
      :key="ids.join()"
      :lots="chosen"
    />
  </div>
</template>
