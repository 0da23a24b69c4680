<script setup lang="ts">
import { tooLateText } from '#core/year/words'

/** What to begin, by when; what nothing that is begun now would mend; what is being collected for. */
const { units } = useGarden()
const { needs } = useNeeds()
const { starts, looking, lists, stop, take, without } = useYear()
const { met, needName, isSafe } = useYearAnswer()

/** A start that makes it likelier than not is worth more than buying. */
const HELPED = 0.5
/** Less is not told, litres. */
const WORTH_L = 0.5
const tooLate = computed(() => {
  if (!starts.value || looking.value) return []
  const helped = new Map(starts.value.flatMap(({ won }) => won.map(({ needId, after }) => [needId, after])))
  return needs.value.filter(need => !isSafe(need)).flatMap((need) => {
    const one = met.value.get(need.id)
    return one && (helped.get(need.id) ?? one.chance) < HELPED && one.shortL >= WORTH_L
      ? [{ need, text: tooLateText(need, one, units.value) }]
      : []
  })
})
</script>

<template>
  <section aria-labelledby="begin">
    <h2
      id="begin"
      class="section-rule"
    >
      What to begin, by when
    </h2>
    <p
      v-if="looking"
      class="aside-note flex items-center gap-3 min-h-11"
      role="status"
    >
      <progress
        class="w-28"
        :value="looking.share"
        max="1"
        aria-label="trying what could be begun"
      />
      Trying what could be begun…
      <button
        type="button"
        class="label-button plain"
        @click="stop()"
      >
        Stop
      </button>
    </p>
    <StartCard
      v-for="start in starts"
      :key="start.candidateId"
      :start="start"
      :need-name="needName"
      @take="take(start)"
      @without="without(start.candidateId)"
    />
    <p
      v-if="starts && starts.length === 0 && !looking && tooLate.length === 0"
      class="mt-1"
    >
      Nothing has to be begun for what is wanted.
    </p>
    <p
      v-for="one in tooLate"
      :key="one.need.id"
      class="caution mt-2"
      data-too-late
    >
      <strong>{{ one.need.name }}.</strong> {{ one.text }}
    </p>
    <template v-if="lists.length > 0">
      <h3 class="mt-4">
        Being collected for
      </h3>
      <ul>
        <li
          v-for="list in lists"
          :key="list.id"
          class="line-rule py-1"
        >
          <NuxtLink
            to="/store"
            class="tap inline-flex items-center underline underline-offset-3"
          >{{ list.name }}</NuxtLink>
        </li>
      </ul>
    </template>
  </section>
</template>
