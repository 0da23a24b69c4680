<script setup lang="ts">
import { purposeName } from '#core/bench/choosing'
import { METHODS } from '#core/methods'
import { timeText, workText, type Method } from '#core/methods/contract'
import type { Picture } from '#core/picture/picture'

/** What to make, before how: every method drawn, with its time, its work and what it is for. */
const emit = defineEmits<{ choose: [method: Method] }>()
const { materials, materialContainers, units } = useGarden()
const pictureOf = useMethodPicture()
/** Drawn one after the other, so that the page is awake before the last of them is thought through. */
const pictures = shallowRef<ReadonlyMap<string, Picture>>(new Map())
function* drawAll(): Generator<ReadonlyMap<string, Picture>, true> {
  const drawn = new Map<string, Picture>()
  for (const method of METHODS) {
    const picture = pictureOf(method)
    if (picture) drawn.set(method.id, picture)
    yield new Map(drawn)
  }
  pictures.value = drawn
  return true
}
let wanted = 0
watch([materials, materialContainers, units], () => {
  const mine = ++wanted
  void inSlices(drawAll(), { stillWanted: () => mine === wanted, onStep: (drawn) => { pictures.value = drawn } })
}, { immediate: true })
onScopeDispose(() => { wanted++ })
</script>

<template>
  <div>
    <NuxtLink
      to="/begin"
      class="label-button mb-4"
      data-choose-for-me
    >
      <UIcon
        name="i-ph-signpost"
        class="size-5"
      />
      Which way suits me?
    </NuxtLink>
    <ul class="grid gap-x-6 gap-y-5 sm:grid-cols-2 lg:grid-cols-3">
      <li
        v-for="method in METHODS"
        :key="method.id"
        class="section-rule flex flex-col"
      >
        <button
          type="button"
          class="text-left flex gap-4 items-end w-full hover:bg-muted rounded-sm p-1"
          :data-method="method.id"
          @click="emit('choose', method)"
        >
          <span class="shrink-0 w-28 h-30 flex items-end">
            <PictureDrawing
              v-if="pictures.get(method.id)"
              :picture="pictures.get(method.id)!"
              :label="`${method.face.name}, drawn`"
              :px-per-metre="82"
              class="w-28 max-h-30"
            />
          </span>
          <span class="min-w-0">
            <span class="block font-serif text-xl font-semibold text-highlighted">{{ method.face.name }}</span>
            <span class="block leading-snug">{{ method.face.choosing.line }}</span>
            <span class="block aside-note">{{ timeText(method.face.choosing) }}; {{ workText(method.face.choosing) }}; for {{
              method.face.choosing.purposes.map(purposeName).join(', ') }}.</span>
          </span>
        </button>
      </li>
    </ul>
  </div>
</template>
