<script setup lang="ts">
import { signDrawing, type Diagnosis } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** Tap what is seen, smelt or felt: the likeliest causes, with what speaks for and against them, and what helps. */
const { known, diagnosis } = defineProps<{ known: KnownBatch, diagnosis: Diagnosis }>()
const { surroundings } = useGarden()

const groups = computed(() => [...new Set(diagnosis.symptoms.map(({ group }) => group))])
const noticed = diagnosis.noticed(known.batch, surroundings.value)
const chosen = ref<readonly string[]>(noticed)
const toggle = (id: string) => { chosen.value = chosen.value.includes(id) ? chosen.value.filter(one => one !== id) : [...chosen.value, id] }

const good = computed(() => diagnosis.symptoms.filter(({ id, good: words }) => words && chosen.value.includes(id)))
const causes = computed(() => diagnosis.causes(known.batch, surroundings.value, chosen.value))
/** The likeliest of them stands where the finger is, until the list itself is in sight. */
const list = useTemplateRef<HTMLElement>('list')
const seen = useElementVisibility(list)
const showCauses = () => list.value?.scrollIntoView({ block: 'start', behavior: scrolling() })
const onlyGood = computed(() => chosen.value.length > 0 && good.value.length === chosen.value.length)
</script>

<template>
  <div>
    <div class="grid gap-x-8 gap-y-4 md:grid-cols-2">
      <div
        v-for="group in groups"
        :key="group"
        role="group"
        :aria-label="group"
      >
        <h2 class="mb-1 !text-[1.02rem]">
          {{ group }}
        </h2>
        <div class="flex flex-wrap gap-2">
          <button
            v-for="symptom in diagnosis.symptoms.filter(one => one.group === group)"
            :key="symptom.id"
            type="button"
            class="label-button !px-2.5 !justify-start text-left"
            :aria-pressed="chosen.includes(symptom.id)"
            @click="toggle(symptom.id)"
          >
            <FindingDrawing :strokes="signDrawing(known.method.life, symptom)" />
            {{ symptom.label }}
          </button>
        </div>
      </div>
    </div>
    <div
      v-if="causes[0] && chosen.length > 0 && !seen"
      class="near-finger no-print sticky z-20 bg-default border-t-2 border-accented -mx-4 px-4 md:mx-0"
    >
      <button
        type="button"
        class="tap w-full flex items-center justify-between gap-3 text-left"
        data-likeliest
        @click="showCauses"
      >
        <span><span class="aside-note">Most likely: </span><strong
          class="font-semibold text-highlighted"
        >{{ causes[0].title }}</strong></span>
        <UIcon
          name="i-ph-arrow-down"
          class="size-5 shrink-0"
        />
      </button>
    </div>
    <p
      v-if="noticed.length > 0"
      class="aside-note mt-2"
    >
      What its readings and your log already tell of is tapped for you.
    </p>

    <section
      v-if="good.length > 0"
      aria-labelledby="good-signs"
      class="mt-6"
    >
      <h2
        id="good-signs"
        class="section-rule"
      >
        Good signs
      </h2>
      <p
        v-for="symptom in good"
        :key="symptom.id"
        class="py-1 flex gap-2"
      >
        <UIcon
          name="i-ph-check"
          class="size-6 shrink-0 text-primary"
        />
        <span><strong class="font-semibold">{{ symptom.label }}.</strong> {{ symptom.good }}</span>
      </p>
    </section>

    <section
      v-if="causes.length > 0"
      ref="list"
      aria-labelledby="causes"
      class="mt-6"
    >
      <h2
        id="causes"
        class="section-rule"
      >
        Likely causes
      </h2>
      <ol>
        <CauseItem
          v-for="(cause, index) in causes"
          :key="cause.id"
          :cause="cause"
          :known="known"
          :first="index === 0"
        />
      </ol>
    </section>
    <p
      v-else-if="chosen.length === 0"
      class="mt-6"
    >
      Tap what you see, smell or feel.
    </p>
    <p
      v-else-if="!onlyGood"
      class="mt-6"
      role="status"
    >
      Its own numbers speak against every usual cause. Read the heat and squeeze a handful, then look again.
    </p>
  </div>
</template>

<style scoped>
.near-finger { bottom: 4.6rem; }
@media (min-width: 48rem) { .near-finger { bottom: 0; } }
</style>
