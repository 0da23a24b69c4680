<script setup lang="ts">
import { monthText } from '#core/units/dates'
import { noonOf } from '#core/year/need'

/** What is wanted, need by need; what proposes itself; and the way to say more. */
const { needs, proposed, want } = useNeeds()
const { met, triedMet, nameOf } = useYearAnswer()
const { showNote } = useRecorder()
const { quantity } = useSay()
const store = useGardenStore()
const adding = ref(false)

async function agree(index: number): Promise<void> {
  const one = proposed.value[index]
  const id = one && await want(one)
  if (id) showNote(`${one.name} is wanted.`, () => void store.write([{ id, kind: 'need', values: { removed: true } }]))
}
const when = (one: { readonly from: string }) => monthText(noonOf(one.from))
</script>

<template>
  <section aria-labelledby="wanted">
    <h2
      id="wanted"
      class="section-rule"
    >
      What is wanted
    </h2>
    <ul>
      <NeedRow
        v-for="need in needs"
        :key="need.id"
        :need="need"
        :met="met.get(need.id)"
        :tried="triedMet.get(need.id)"
        :name-of="nameOf"
      />
    </ul>
    <div class="no-print mt-2">
      <button
        type="button"
        class="label-button"
        :aria-expanded="adding"
        data-new-need
        @click="adding = !adding"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        Something is wanted
      </button>
      <NeedForm
        v-if="adding"
        class="mt-3"
        @done="adding = false"
      />
    </div>
    <div
      v-if="proposed.length > 0"
      class="mt-4 no-print"
    >
      <h3>As it looks, also</h3>
      <ul>
        <li
          v-for="(one, index) in proposed"
          :key="`${one.name} ${one.from}`"
          class="line-rule py-1 flex items-center gap-3"
          data-proposed
        >
          <span class="flex-1">{{ one.name }}: {{ quantity('volume', one.litres) }} in {{ when(one) }}
            <span class="aside-note block">{{ one.because }}</span></span>
          <button
            type="button"
            class="label-button"
            :aria-label="`Wanted: ${one.name}`"
            @click="agree(index)"
          >
            Wanted
          </button>
        </li>
      </ul>
    </div>
  </section>
</template>
