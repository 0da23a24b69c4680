<script setup lang="ts">
import { containersFor } from '#core/units/container'

definePageMeta({ title: 'Building' })

/** Building outside: one big tick a step, the screen stays on, and it goes on where it was after the phone slept. */
const { building, method, steps, used, proposal, tick, use, useWater, drop, bringBack } = useBuilding()
const { waterCan } = useGarden()
const { quantity, amount } = useSay()
const { start, busy } = useStarting()
const wake = reactive(useWakeLock())

const changing = ref<number>()
const next = computed(() => steps.value.find(({ at }) => !building.value?.done.includes(at))?.at)
const isDone = (at: number) => building.value?.done.includes(at) ?? false
const usedCount = (layer: number, planned: number) => building.value?.used.find(one => one.layer === layer)?.count ?? planned
const cans = computed({
  get: () => containersFor(building.value?.usedWaterL ?? building.value?.waterL ?? 0, waterCan.value),
  set: (count: number) => void useWater(count * waterCan.value.volumeL),
})

onMounted(() => { if (wake.isSupported) void wake.request('screen').catch(() => {}) })
onBeforeUnmount(() => { if (wake.isActive) void wake.release() })
onMounted(async () => {
  await nextTick()
  document.querySelector('[data-next]')?.scrollIntoView({ block: 'center' })
})

async function toggle(at: number): Promise<void> {
  await tick(at, !isDone(at))
  await nextTick()
  if (isDone(at)) document.querySelector('[data-next]')?.scrollIntoView({ block: 'center', behavior: scrolling() })
}
async function finish(): Promise<void> {
  if (!building.value) return
  const { name, place, plan, waterL, usedWaterL } = building.value
  if (await start({ name, place, plan, ingredients: used.value, waterL: usedWaterL ?? waterL }, () => void bringBack())) await drop()
}
</script>

<template>
  <div
    v-if="building && proposal"
    class="max-w-2xl"
  >
    <header class="sticky-head z-20 bg-default py-2 border-b-2 border-inverted/60">
      <h1>{{ building.name }}</h1>
      <p role="status">
        {{ building.done.length }} of {{ steps.length }} steps done{{ building.place ? ` · ${building.place}` : '' }}
        <span class="aside-note">· {{ wake.isActive ? 'the screen stays on' : 'every tick is kept' }}</span>
      </p>
      <div
        class="h-2 bg-accented mt-1"
        aria-hidden="true"
      >
        <div
          class="h-full bg-inverted"
          :style="{ width: `${steps.length > 0 ? building.done.length / steps.length * 100 : 0}%` }"
        />
      </div>
    </header>
    <ol>
      <li
        v-for="step in steps"
        :key="step.at"
        class="line-rule py-2"
        :data-step="step.at"
        :data-next="step.at === next ? '' : undefined"
      >
        <div
          class="flex gap-3 items-stretch"
          :class="step.at === next ? 'border-l-4 border-(--ui-primary) pl-2' : ''"
        >
          <button
            type="button"
            class="label-button !px-0 w-16 min-h-16 shrink-0"
            role="checkbox"
            :aria-checked="isDone(step.at)"
            :aria-label="step.title"
            :class="isDone(step.at) ? 'strong' : ''"
            @click="toggle(step.at)"
          >
            <UIcon
              v-if="isDone(step.at)"
              name="i-ph-check"
              class="size-9"
            />
            <span
              v-else-if="step.layer !== undefined"
              class="font-serif text-xl"
            >{{ step.layer + 1 }}</span>
          </button>
          <div
            class="flex-1 min-w-0"
            :class="isDone(step.at) ? 'opacity-75' : ''"
          >
            <p class="text-lg font-semibold leading-tight text-highlighted flex gap-2 items-start">
              <HatchSwatch
                v-if="step.stratum"
                :family="step.stratum.family"
                :size="22"
              />
              <span>{{ step.title }}<span
                v-if="step.layer !== undefined && step.stratum && usedCount(step.layer, step.stratum.amount.count) !== step.stratum.amount.count"
                class="block font-normal"
              >really {{ amount(usedCount(step.layer, step.stratum.amount.count), step.stratum.amount.container).replace(/^0 /, 'no ') }}</span></span>
            </p>
            <p class="leading-snug">
              {{ step.detail }}
            </p>
            <template v-if="!isDone(step.at)">
              <p
                v-for="caution in step.cautions"
                :key="caution"
                class="caution mt-1"
              >
                {{ caution }}
              </p>
            </template>
            <button
              v-if="step.layer !== undefined"
              type="button"
              class="tap underline underline-offset-3 decoration-dotted"
              :aria-expanded="changing === step.at"
              @click="changing = changing === step.at ? undefined : step.at"
            >
              took another amount
            </button>
            <StepNumber
              v-if="changing === step.at && step.layer !== undefined && step.stratum"
              :model-value="usedCount(step.layer, step.stratum.amount.count)"
              :label="`${step.stratum.amount.container.plural} of ${step.stratum.short} really used`"
              :step="usedCount(step.layer, step.stratum.amount.count) < 3 ? 0.25 : 1"
              :max="1000"
              @update:model-value="count => use(step.layer ?? 0, count)"
            />
          </div>
        </div>
      </li>
    </ol>
    <section class="section-rule py-3 space-y-3">
      <h2>What went in</h2>
      <ul class="flex flex-wrap gap-x-4 gap-y-1">
        <li
          v-for="one in used"
          :key="one.material.id"
          class="flex items-center gap-1.5 text-highlighted"
        >
          <HatchSwatch
            :family="one.material.family"
            :size="20"
          />{{ amount(one.amount.count, one.amount.container) }} of {{ one.material.short }}
        </li>
      </ul>
      <StepNumber
        v-model="cans"
        :label="`${waterCan.plural} of water (${quantity('volume', waterCan.volumeL)} each)`"
        :step="0.5"
        :max="1000"
        :digits="1"
      />
      <p
        v-if="building.done.length < steps.length"
        class="aside-note"
      >
        {{ steps.length - building.done.length }} steps are not ticked. Starting it says they are done too.
      </p>
      <button
        type="button"
        class="label-button strong w-full"
        :disabled="busy || (used.length === 0 && !method)"
        @click="finish"
      >
        {{ method?.words.start }}
      </button>
    </section>
  </div>
  <div
    v-else
    class="space-y-3"
  >
    <h1>Nothing is being built</h1>
    <NuxtLink
      to="/bench"
      class="label-button strong"
    >To the bench</NuxtLink>
  </div>
</template>
