<script setup lang="ts">
import { fitFor, testsOf, type Ripeness } from '#core/methods/contract'
import { testStates } from '#core/readiness/taken'
import { useName, type UseVerdict } from '#core/readiness/verdict'
import type { KnownBatch } from '~/composables/useGarden'

/** Is it ready, and for what? The verdict by use, the tests that lead to it, and what the heat was. */
const { known, ripeness } = defineProps<{ known: KnownBatch, ripeness: Ripeness }>()
const { surroundings } = useGarden()

const states = computed(() => testStates(known.batch, testsOf(ripeness, known.batch, surroundings.value)))
const verdict = computed(() => fitFor({ ...known.method.life, ripeness }, known.batch, surroundings.value))
/** What holds for every use is said once. */
const shared = computed(() => (verdict.value[0]?.missing ?? []).filter(one => verdict.value.every(({ missing }) => missing.includes(one))))
const own = ({ missing }: UseVerdict) => missing.filter(one => !shared.value.includes(one))
const said = (one: UseVerdict) =>
  own(one).length > 0
    ? `${one.fit === 'no' ? '' : 'Missing: '}${own(one).join('; ')}.`
    : one.missing.length > 0
      ? 'Nothing more is missing.'
      : 'Nothing missing.'
const minds = computed(() => [...new Set(verdict.value.flatMap(one => one.minds))])
const notes = computed(() => ripeness.notes(known.batch, surroundings.value))
const FITS = {
  'yes': { icon: 'i-ph-check', tone: 'text-primary', label: 'fit' },
  'not-yet': { icon: 'i-ph-hourglass', tone: 'text-warning', label: 'not yet' },
  'no': { icon: 'i-ph-x', tone: 'text-error', label: 'no' },
} as const
const best = computed(() => verdict.value.filter(({ fit }) => fit === 'yes').at(-1))
</script>

<template>
  <div>
    <p
      class="text-lg"
      role="status"
      data-verdict
    >
      <template v-if="best">
        Fit for <strong class="font-semibold">{{ useName(best.use).toLowerCase() }}</strong><template v-if="best.use !== 'mulch'">
          and everything that asks less
        </template>.
      </template>
      <template v-else>
        Not fit for use yet.
      </template>
    </p>
    <p
      v-if="shared.length > 0"
      class="caution mt-2"
      data-first
    >
      First of all: {{ shared.join('; ') }}.
    </p>
    <p
      v-for="mind in minds"
      :key="mind"
      class="aside-note mt-1"
    >
      {{ mind }}
    </p>
    <ul class="mt-3">
      <li
        v-for="one in verdict"
        :key="one.use"
        class="line-rule py-2 flex gap-3"
        :data-use="one.use"
      >
        <UIcon
          :name="FITS[one.fit].icon"
          class="size-6 shrink-0"
          :class="FITS[one.fit].tone"
        />
        <span class="w-28 shrink-0 font-semibold text-highlighted">{{
          useName(one.use)
        }}<span class="block aside-note">{{ FITS[one.fit].label }}</span></span>
        <span class="flex-1">{{ said(one) }}</span>
      </li>
    </ul>

    <h2 class="section-rule mt-6">
      Tests
    </h2>
    <p class="aside-note">
      Several together tell; one alone does not.
    </p>
    <ul>
      <TestItem
        v-for="state in states"
        :key="state.test.id"
        :state="state"
        :known="known"
      />
    </ul>

    <h2 class="section-rule mt-6">
      {{ notes.title }}
    </h2>
    <p
      v-for="line in notes.lines"
      :key="line"
      class="py-0.5"
    >
      {{ line }}
    </p>
    <p class="caution mt-2">
      {{ notes.caution }}
    </p>
  </div>
</template>
