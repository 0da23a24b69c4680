<script setup lang="ts">
import { eventOf } from '#core/journal/journal'
import type { Batch } from '#core/journal/garden'

/** A batch that a newer version began: what is known of it, and that nothing of it is lost. */
const { batch } = defineProps<{ batch: Batch }>()
const { store } = useGarden()
const { moment } = useSay()
const entries = computed(() => batch.log.flatMap(id => eventOf(store.journal, id) ?? []).reverse())
</script>

<template>
  <div class="space-y-4">
    <header>
      <h1>{{ batch.name || 'Without a name' }}</h1>
      <p class="aside-note">
        {{ batch.place }}
      </p>
    </header>
    <p
      class="text-lg"
      data-newer
    >
      From a newer Wastrum. This version does not know how it is done, so it cannot be looked after here. Everything of it is kept and goes
      into your backup.
    </p>
    <section aria-labelledby="entries">
      <h2
        id="entries"
        class="section-rule"
      >
        {{ entries.length }} {{ entries.length === 1 ? 'entry' : 'entries' }}
      </h2>
      <ol>
        <li
          v-for="entry in entries"
          :key="entry.id"
          class="line-rule py-1.5"
        >
          <span class="aside-note">{{ moment(entry.at) }}</span>
          {{ entry.kind === 'foreign' ? 'an entry of a kind not known here' : entry.kind }}
        </li>
      </ol>
    </section>
  </div>
</template>
