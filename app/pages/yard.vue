<script setup lang="ts">
import type { ReadyWindow } from '#core/methods/method'
import { inAndOut } from '#core/garden/batch'

/** Every heap: those that stand, to one scale, and those that are done. */
const { standing, finished } = useGarden()
const { quantity, day, window } = useSay()
const { surroundings, materials } = useGarden()

/** The window as far as anybody looked. */
function readyText({ from, to, orLater }: ReadyWindow): string {
  return `ready ${window(from, to)}${orLater ? ' or later' : ''}`
}
</script>

<template>
  <div>
    <h1>The yard</h1>
    <HeapRow
      v-if="standing.length > 0"
      class="mt-4"
      :batches="standing"
      :px-per-metre="150"
    />
    <p v-else>
      Nothing stands here yet.
      <NuxtLink
        to="/bench"
        class="underline underline-offset-3"
      >Plan a heap on the bench.</NuxtLink>
    </p>
    <section
      v-if="standing.length > 0"
      aria-labelledby="coming"
      class="mt-4"
    >
      <h2
        id="coming"
        class="section-rule"
      >
        What is coming
      </h2>
      <ul>
        <li
          v-for="{ batch, method } in standing"
          :key="batch.id"
          class="line-rule py-2 flex flex-wrap gap-x-4"
        >
          <NuxtLink
            :to="`/batch/${batch.id}`"
            class="font-semibold underline underline-offset-3 decoration-dotted w-44"
          >{{ batch.name }}</NuxtLink>
          <span class="aside-note flex-1 min-w-40">{{ batch.place }}</span>
          <span>{{ readyText(method.readyWindow(batch, surroundings)) }}</span>
        </li>
      </ul>
    </section>
    <section
      v-if="finished.length > 0"
      aria-labelledby="done"
      class="mt-6"
    >
      <h2
        id="done"
        class="section-rule"
      >
        Taken down
      </h2>
      <ul>
        <li
          v-for="{ batch } in finished"
          :key="batch.id"
          class="line-rule py-2 flex flex-wrap gap-x-4 items-baseline"
        >
          <NuxtLink
            :to="`/batch/${batch.id}`"
            class="font-semibold underline underline-offset-3 decoration-dotted w-44"
          >{{ batch.name }}</NuxtLink>
          <span class="aside-note flex-1 min-w-48">{{ day(batch.built.at) }} – {{ day(batch.finish!.at) }}</span>
          <span>{{ quantity('volume', inAndOut(batch, materials)?.outL ?? 0) }} from {{ quantity('volume', inAndOut(batch, materials)?.inL ?? 0) }}, {{ Math.round((inAndOut(batch, materials)?.share ?? 0) * 100) }} %</span>
        </li>
      </ul>
    </section>
  </div>
</template>
