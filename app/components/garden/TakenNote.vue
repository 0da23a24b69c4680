<script setup lang="ts">
import type { Taken } from '~/composables/useFiles'

/** What came of taking a file in, counted. */
const { taken } = defineProps<{ taken: Taken }>()
const lines = computed(() => [
  taken.entries + taken.pictures === 0
    ? 'Everything in it that can be read was here already.'
    : `${taken.entries} ${taken.entries === 1 ? 'entry was' : 'entries were'} taken `
      + `in${taken.pictures > 0 ? `, and ${taken.pictures} ${taken.pictures === 1 ? 'picture' : 'pictures'}` : ''}.`,
  ...(taken.brokenPictures > 0
    ? [
        `${taken.brokenPictures} ${taken.brokenPictures === 1 ? 'picture is' : 'pictures are'} damaged in the file and `
        + `${taken.brokenPictures === 1 ? 'was' : 'were'} left out.`,
      ]
    : []),
  ...(taken.differentPictures > 0
    ? [
        `${taken.differentPictures} ${taken.differentPictures === 1 ? 'picture looks' : 'pictures look'} different in the file: yours `
        + `${taken.differentPictures === 1 ? 'stays' : 'stay'}.`,
      ]
    : []),
])
</script>

<template>
  <div
    role="status"
    class="border-l-4 border-accented pl-3"
    data-taken
  >
    <p
      v-for="line in lines"
      :key="line"
    >
      {{ line }}
    </p>
  </div>
</template>
