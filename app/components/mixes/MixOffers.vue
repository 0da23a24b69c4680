<script setup lang="ts">
import { inContainers, roleOf, type MixedIn, type ProposedMix } from '#core/growing/propose'
import { schooledMix } from '#core/growing/schooled'
import { schoolsFor } from '#core/growing/schools'
import { verdictsOn, type ScaleVerdict } from '#core/growing/verdict'
import { mixedOf } from '#core/growing/propose'
import { PART_WORDS, ROLE_WORDS, SCALE_WORDS, verdictWords } from '#core/growing/words'
import { containersFor } from '#core/units/container'

/** Ways to mix it: put together from what is here, the schools, and one's own recipes. Each is laid on the bench with a tap. */
const { offered, wanted, container, proposing, propose, stop, setParts, kept, take, forget } = useMixes()
const { amount, quantity } = useSay()
const open = ref(false)
const TITLES: Readonly<Record<ProposedMix['id'], string>> = {
  'best': 'The best of what is here', 'nothing-bought': 'With nothing bought', 'another': 'Another way',
}
const counted = (parts: readonly MixedIn[]) =>
  parts.map(({ of, litres }) => `${amount(containersFor(litres, container.value), container.value)} of ${of.name}`).join(', ')
const why = (parts: readonly MixedIn[]) => parts.flatMap(({ of }) => {
  const role = roleOf(parts, of, wanted.value)
  return role ? [`${of.name} ${ROLE_WORDS[role]}`] : []
}).join('; ')
const misses = (verdicts: readonly ScaleVerdict[]) =>
  verdicts.filter(({ is }) => is !== 'good').map(one => `${SCALE_WORDS[one.scale].toLowerCase()} ${verdictWords(one)}`).join('; ')
const schools = computed(() => schoolsFor(wanted.value.purposeId).map((school) => {
  const laid = schooledMix(school, offered.value, wanted.value)
  const parts = laid.ok ? inContainers(laid.value.mixed, wanted.value, container.value) : []
  const mix = mixedOf(parts, wanted.value.handling)
  return {
    school, parts, missing: laid.ok ? laid.value.missing : [],
    misses: mix.ok ? misses(verdictsOn(mix.value, wanted.value.purposeId, wanted.value.heightM)) : '',
  }
}))
const lay = (parts: readonly MixedIn[]) => void setParts(parts)
const files = usePlanFiles()
</script>

<template>
  <div class="space-y-3">
    <div class="flex flex-wrap gap-2">
      <button
        type="button"
        class="label-button strong"
        :disabled="proposing.kind === 'working'"
        data-put-together
        @click="propose"
      >
        <UIcon
          name="i-ph-scales"
          class="size-5"
        />
        Put it together for me
      </button>
      <button
        type="button"
        class="label-button"
        :aria-expanded="open"
        data-schools
        @click="open = !open"
      >
        As others mix it
      </button>
    </div>
    <div
      v-if="proposing.kind === 'working'"
      role="status"
      class="flex items-center gap-3"
    >
      Trying what lies here… <button
        type="button"
        class="label-button"
        @click="stop"
      >
        Stop
      </button>
    </div>
    <p
      v-if="proposing.kind === 'nothing'"
      role="status"
    >
      Nothing that lies here may go into this mix: see below why, or fetch what it takes.
    </p>
    <p
      v-if="proposing.kind === 'failed'"
      role="alert"
      class="text-error font-semibold"
    >
      That did not work here. Nothing is lost: lay the parts yourself, or try once more.
    </p>
    <ul
      v-if="proposing.kind === 'found'"
      aria-label="Put together"
    >
      <li
        v-for="one in proposing.mixes"
        :key="one.id"
        class="line-rule py-2 flex flex-wrap gap-x-4 gap-y-1 items-center"
        :data-proposed="one.id"
      >
        <span class="flex-1 min-w-52 leading-snug"><strong class="font-semibold text-highlighted">{{ TITLES[one.id] }}:</strong>
          {{ counted(one.parts) }}; {{ quantity('volume', one.mix.litres, 1) }}.
          <span
            v-if="why(one.parts)"
            class="block aside-note"
          >{{ capital(why(one.parts)) }}.</span>
          <span
            v-if="misses(one.verdicts)"
            class="block text-warning"
          >{{ capital(misses(one.verdicts)) }}.</span></span>
        <button
          type="button"
          class="label-button"
          :aria-label="`Take it: ${TITLES[one.id]}`"
          @click="lay(one.parts)"
        >
          Take it
        </button>
      </li>
    </ul>
    <ul
      v-if="open"
      aria-label="As others mix it"
    >
      <li
        v-for="{ school, parts, missing, misses: off } in schools"
        :key="school.id"
        class="line-rule py-2 flex flex-wrap gap-x-4 gap-y-1 items-center"
        :data-school="school.id"
      >
        <span class="flex-1 min-w-52 leading-snug"><strong class="font-semibold text-highlighted">{{ school.name }}.</strong>
          {{ school.said }}
          <span
            v-if="missing.length > 0"
            class="block text-warning"
          >Not enough {{ missing.map(id => PART_WORDS[id]).join(', no ') }} here.</span>
          <span
            v-else-if="off"
            class="block aside-note"
          >With yours: {{ off }}.</span></span>
        <button
          type="button"
          class="label-button"
          :disabled="parts.length === 0"
          :aria-label="`Take it: ${school.name}`"
          @click="lay(parts)"
        >
          Take it
        </button>
      </li>
    </ul>
    <ul
      v-if="kept.length > 0"
      aria-label="Your own recipes"
    >
      <li
        v-for="one in kept"
        :key="one.id"
        class="line-rule py-1 flex flex-wrap gap-x-4 items-center"
        data-own-recipe
      >
        <span class="flex-1 min-w-40 font-semibold text-highlighted">{{ one.called }}</span>
        <button
          type="button"
          class="label-button"
          :aria-label="`Take it: ${one.called}`"
          @click="take(one)"
        >
          Take it
        </button>
        <button
          type="button"
          class="label-button plain"
          :aria-label="`Put it away: ${one.called}`"
          @click="forget(one)"
        >
          Put it away
        </button>
        <button
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          :aria-label="`save as a file: ${one.called}`"
          data-give-recipe
          @click="files.giveRecipe(one)"
        >
          save as a file
        </button>
      </li>
    </ul>
    <FilePick
      label="Open a recipe’s file"
      :trouble="files.trouble.value"
      @pick="files.take"
    />
  </div>
</template>
