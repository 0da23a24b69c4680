<script setup lang="ts">
import { containersFor } from '#core/units/container'

definePageMeta({ title: 'Building' })

/** Building outside: one big tick a step, the screen stays on, and it goes on where it was after the phone slept. */
const { building, method, steps, done, used, proposal, tick, use, useWater, drop, bringBack } = useBuilding()
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
const { at } = provideWhen(new Date(0).toISOString())
async function finish(): Promise<void> {
  const since = at()
  if (!building.value || !since) return
  const { name, place, plan, waterL, usedWaterL } = building.value
  await start({ name, place, plan, ingredients: used.value, waterL: usedWaterL ?? waterL, at: since }, () => void bringBack(), drop)
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
        {{ done }} of {{ steps.length }} steps done{{ building.place ? ` · ${building.place}` : '' }}
        <span class="aside-note">· {{ wake.isActive ? 'the screen stays on' : 'every tick is kept' }}</span>
      </p>
      <div
        class="h-2 bg-accented mt-1"
        aria-hidden="true"
      >
        <div
          class="h-full bg-inverted"
          :style="{ width: `${steps.length > 0 ? done / steps.length * 100 : 0}%` }"
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
            class="label-button !px-0 w-16 min-h-16 shrink-0 self-start"
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
          </button>
          <div
            class="flex-1 min-w-0"
            :class="isDone(step.at) ? 'opacity-75' : ''"
          >
            <p class="text-lg font-semibold leading-tight text-highlighted">
              {{ step.title }}
            </p>
            <ul v-if="step.laid.length > 0">
              <li
                v-for="spread in step.laid"
                :key="spread.parts[0]?.layer"
                class="flex gap-2 items-start text-highlighted leading-snug"
              >
                <span class="flex gap-0.5 shrink-0 mt-0.5">
                  <HatchSwatch
                    v-for="{ stratum, layer } in spread.parts"
                    :key="layer"
                    :family="stratum.family"
                    :size="20"
                  />
                </span>
                <span>
                  <template
                    v-for="({ stratum, layer }, index) in spread.parts"
                    :key="layer"
                  >{{ index > 0 ? ', ' : '' }}{{ usedCount(layer, stratum.amount.count) !== stratum.amount.count ? 'really ' : ''
                  }}{{ amount(usedCount(layer, stratum.amount.count), stratum.amount.container).replace(/^0 /, 'no ') }} of
                    {{ stratum.prepared ? `${stratum.prepared} ` : '' }}{{ stratum.short }}</template><span
                    class="aside-note"
                  > · {{ spread.label.toLowerCase() }}</span>
                </span>
              </li>
            </ul>
            <p
              v-if="step.waterL !== undefined && step.waterL >= 0.5"
              class="leading-snug"
            >
              {{ capital(amount(containersFor(step.waterL, waterCan), waterCan)) }} of water over it.
            </p>
            <p
              v-if="step.detail"
              class="leading-snug aside-note"
            >
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
              v-if="step.laid.length > 0"
              type="button"
              class="tap underline underline-offset-3 decoration-dotted"
              :aria-expanded="changing === step.at"
              :aria-label="`took another amount: ${step.title}`"
              @click="changing = changing === step.at ? undefined : step.at"
            >
              took another amount
            </button>
            <div
              v-if="changing === step.at"
              class="flex flex-wrap gap-3"
            >
              <template
                v-for="spread in step.laid"
                :key="spread.label"
              >
                <StepNumber
                  v-for="{ stratum, layer } in spread.parts"
                  :key="layer"
                  :model-value="usedCount(layer, stratum.amount.count)"
                  :label="`${stratum.amount.container.plural} of ${stratum.short} really used`"
                  :step="usedCount(layer, stratum.amount.count) < 3 ? 0.25 : 1"
                  :max="1000"
                  @update:model-value="count => use(layer, count)"
                />
              </template>
            </div>
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
        v-if="done < steps.length"
        class="aside-note"
      >
        {{ steps.length - done }} {{ steps.length - done === 1 ? 'step is' : 'steps are' }} not ticked. Starting it says they are done too.
      </p>
      <div class="mb-3">
        <span class="field-label">It stands since</span>
        <WhenRow label="It stands since" />
      </div>
      <button
        type="button"
        class="label-button strong w-full"
        :disabled="busy || (used.length === 0 && !method)"
        @click="finish"
      >
        {{ method?.face.words.start }}
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
