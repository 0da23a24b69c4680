<script setup lang="ts">
import { FOUND_KINDS } from '#core/search/findable'

definePageMeta({ title: 'Find' })

/** One field over everything: what stands and stood, the log, the store, beds, materials, and the words of the craft. */
const route = useRoute()
const router = useRouter()
const { index } = useSearch()
const text = ref(typeof route.query.q === 'string' ? route.query.q : '')
const field = useTemplateRef<HTMLInputElement>('field')
onMounted(() => field.value?.focus())
const asked = refDebounced(text, 120)
/** The way back from what was found leads to the same search. */
watch(asked, q => void router.replace({ query: q.trim() ? { q } : {} }))
const found = computed(() => index.value?.find(asked.value) ?? [])
const NuxtLinkComponent = resolveComponent('NuxtLink')
const { drawn, left, more } = useSeen(() => found.value.length, 25)
</script>

<template>
  <div class="max-w-2xl">
    <h1>Find</h1>
    <label class="block mt-2">
      <span class="sr-only">What are you looking for?</span>
      <input
        ref="field"
        v-model="text"
        type="search"
        class="text-field w-full"
        maxlength="100"
        autocomplete="off"
        enterkeyhint="search"
        placeholder="leaves, wet, the north wall…"
        data-search
      >
    </label>
    <p
      role="status"
      class="aside-note mt-1"
    >
      <template v-if="!index">
        Looking through it all…
      </template>
      <template v-else-if="asked.trim() && found.length === 0">
        Nothing is called that. Fewer letters may find it.
      </template>
      <template v-else-if="asked.trim()">
        {{ found.length }} found
      </template>
    </p>
    <ul class="mt-2">
      <li
        v-for="one in found.slice(0, drawn)"
        :key="one.id"
        class="line-rule"
        :data-found="one.kind"
      >
        <component
          :is="one.to ? NuxtLinkComponent : 'div'"
          :to="one.to"
          class="tap block py-2 leading-snug"
        >
          <span class="aside-note block text-[0.82rem]">{{ FOUND_KINDS[one.kind] }}</span>
          <span
            class="font-semibold text-highlighted"
            :class="{ 'underline underline-offset-3 decoration-dotted': one.to }"
          >{{ one.title }}</span>
          <span
            v-if="one.says"
            class="block"
          >{{ one.says }}</span>
        </component>
      </li>
    </ul>
    <MoreBelow
      :left="left"
      @more="more"
    />
  </div>
</template>
