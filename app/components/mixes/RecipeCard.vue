<script setup lang="ts">
import { PURPOSES } from '#core/growing/constants'
import type { Offered } from '#core/growing/offered'
import { foodWords, PURPOSE_WORDS, SCALE_WORDS, sieveWords, verdictWords } from '#core/growing/words'
import { containersFor } from '#core/units/container'

/** A recipe to print and hang up at the bench: what for, so many of each, what it comes to, what to mind. */
const { cautions, toSieve } = defineProps<{ cautions: readonly string[], toSieve: readonly Offered[] }>()
const { draft, mixed, mix, verdicts, container } = useMixes()
const { amount, quantity, sieve } = useSay()
const meshMm = computed(() => PURPOSES.find(({ id }) => id === draft.value.purposeId)!.throughMm)
</script>

<template>
  <article
    class="border-2 border-inverted rounded-[4px_22px_4px_4px] p-4 max-w-xl avoid-break"
    data-recipe-card
  >
    <h2 class="font-serif text-2xl">
      {{ draft.called || PURPOSE_WORDS[draft.purposeId].mix }}
    </h2>
    <p>For {{ PURPOSE_WORDS[draft.purposeId].label }}, pots {{ quantity('length', draft.pot.heightM) }} high</p>
    <ul class="my-2">
      <li
        v-for="one in mixed"
        :key="one.of.id"
        class="line-rule py-1 flex justify-between gap-4"
      >
        <span>{{ capital(one.of.name) }}</span>
        <strong>{{ amount(containersFor(one.litres, container), container) }}</strong>
      </li>
    </ul>
    <p v-if="mix">
      Comes to {{ quantity('volume', mix.litres, 1) }}. {{ foodWords(mixed, draft.purposeId) }}
    </p>
    <p>{{ sieveWords(toSieve, sieve(meshMm)) }}</p>
    <p>
      <span
        v-for="one in verdicts"
        :key="one.scale"
      >{{ SCALE_WORDS[one.scale] }}: {{ verdictWords(one) }}. </span>
    </p>
    <p
      v-for="caution in cautions"
      :key="caution"
      class="text-sm mt-1"
    >
      {{ caution }}
    </p>
  </article>
</template>
