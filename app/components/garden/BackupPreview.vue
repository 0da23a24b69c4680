<script setup lang="ts">
import type { ImportMode, Preview } from '~/composables/useFiles'

/** What a file holds, and what is odd about it, before anything of it is taken in. */
const { preview } = defineProps<{ preview: Preview }>()
defineEmits<{ take: [mode: ImportMode], leave: [] }>()

const SHOWN = 6
const all = ref(false)
const named = computed(() => all.value ? preview.leftOut : preview.leftOut.slice(0, SHOWN))
const unnamed = computed(() => preview.leftOutCount - preview.leftOut.length)
const odd = computed(() => preview.leftOutCount > 0)
const several = (count: number, one: string, more: string) => count === 1 ? one : more
</script>

<template>
  <div
    class="border-l-4 border-accented pl-3 space-y-3"
    data-import-preview
  >
    <p v-if="preview.picturesOnly">
      <strong class="font-semibold break-all">{{ preview.fileName }}</strong> is file {{ preview.mark?.part ?? 1 }} of
      {{ preview.mark?.of ?? 1 }}: {{ preview.pictures }} {{ several(preview.pictures, 'picture', 'pictures') }},
      {{ preview.freshPictures }} not here yet.
    </p>
    <p v-else>
      <strong class="font-semibold break-all">{{ preview.fileName }}</strong> holds {{ batchesText(preview.batches) }} in
      {{ preview.entries }} entries{{ preview.gardenName ? ` of “${preview.gardenName}”` : '' }}; {{ preview.fresh }}
      {{ several(preview.fresh, 'is', 'are') }} not here yet.<template v-if="preview.pictures > 0">
        {{ preview.pictures }} {{ several(preview.pictures, 'picture comes', 'pictures come') }} with it, {{ preview.freshPictures }} not
        here yet.
      </template><template v-if="preview.mark && preview.mark.of > 1">
        This is file {{ preview.mark.part }} of {{ preview.mark.of }}; the other files hold
        {{ preview.mark.picturesInAll - preview.mark.picturesHere }} more pictures.
      </template>
    </p>
    <p
      v-if="preview.doubts.includes('cut-off')"
      class="caution"
    >
      This file breaks off: what stood after that is not in it. Copy it over again if you can; if not, what is here can be taken.
    </p>
    <p
      v-if="preview.doubts.includes('altered')"
      class="caution"
    >
      This file was changed or damaged after it was written. What can be read may hold a wrong figure: look through it after taking it in.
      It can be taken back.
    </p>
    <p v-if="preview.different > 0">
      {{ preview.different }} {{ several(preview.different, 'entry is', 'entries are') }} here already and
      {{ several(preview.different, 'says', 'say') }} something else in the file: adding leaves yours as
      {{ several(preview.different, 'it is', 'they are') }}.
    </p>
    <div
      v-if="odd"
      data-left-out
    >
      <p class="font-semibold">
        {{ preview.leftOutCount }} {{ several(preview.leftOutCount, 'entry cannot', 'entries cannot') }} be taken:
      </p>
      <ul class="list-disc pl-5">
        <li
          v-for="(one, index) in named"
          :key="index"
          class="break-words"
        >
          {{ one.what }}
        </li>
      </ul>
      <button
        v-if="!all && preview.leftOut.length > SHOWN"
        type="button"
        class="tap underline underline-offset-3"
        @click="all = true"
      >
        Show {{ preview.leftOut.length - SHOWN }} more
      </button>
      <p
        v-if="unnamed > 0"
        class="aside-note"
      >
        And {{ unnamed }} more.
      </p>
      <details>
        <summary class="tap aside-note">
          For whoever made the file
        </summary>
        <ul class="aside-note font-mono text-[0.82rem]">
          <li
            v-for="(one, index) in preview.leftOut"
            :key="index"
            class="break-all"
          >
            {{ one.technical }}
          </li>
        </ul>
      </details>
    </div>
    <div class="flex flex-wrap gap-3">
      <button
        type="button"
        class="label-button"
        @click="$emit('take', 'merge')"
      >
        {{ odd ? 'Add what can be read' : 'Add to what is here' }}
      </button>
      <button
        v-if="!preview.picturesOnly"
        type="button"
        class="label-button"
        @click="$emit('take', 'replace')"
      >
        Replace what is here{{ odd ? ' with it' : '' }}
      </button>
      <button
        type="button"
        class="label-button plain"
        @click="$emit('leave')"
      >
        Not now
      </button>
    </div>
  </div>
</template>
