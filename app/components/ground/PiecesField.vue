<script setup lang="ts">
import { PIECE_LIMITS, piecesText, readPieces, type Piece, type Sort } from '#core/questions/pieces'

/** Flat pieces by their sizes: so many of each, added and taken away a size at a time. */
const { label } = defineProps<{ label: string }>()
const model = defineModel<string>({ required: true })
const pieces = computed(() => readPieces(model.value))
const SORTS = [{ id: 'card', label: 'boxes, flat' }, { id: 'news', label: 'newsprint' }, { id: 'roll', label: 'a roll' }] as const
const NEW: Readonly<Record<Sort, Piece>> = {
  card: { sort: 'card', count: 10, lengthM: 0.8, widthM: 0.6 }, news: { sort: 'news', count: 100, lengthM: 0.57, widthM: 0.4 },
  roll: { sort: 'roll', count: 1, lengthM: 10, widthM: 1 },
}
const set = (fresh: readonly Piece[]) => { model.value = piecesText(fresh) }
const change = (at: number, part: Partial<Piece>) => set(pieces.value.map((one, index) => index === at ? { ...one, ...part } : one))
const limits = { quantity: 'length', min: PIECE_LIMITS.lowM, max: PIECE_LIMITS.highM, step: 5 } as const
</script>

<template>
  <fieldset
    class="w-full space-y-2"
    data-pieces
  >
    <legend class="field-label">
      {{ label }}
    </legend>
    <ul>
      <li
        v-for="(piece, at) in pieces"
        :key="at"
        class="line-rule py-2 flex flex-wrap gap-x-4 gap-y-2 items-end"
        :data-piece="piece.sort"
      >
        <StepNumber
          :model-value="piece.count"
          :label="piece.sort === 'card' ? 'Boxes' : piece.sort === 'news' ? 'Sheets' : 'Rolls'"
          :min="0"
          :max="PIECE_LIMITS.most"
          :digits="0"
          @update:model-value="count => change(at, { count: Math.round(count) })"
        />
        <QuantityNumber
          v-bind="limits"
          :model-value="piece.lengthM"
          label="long"
          @update:model-value="lengthM => change(at, { lengthM })"
        />
        <QuantityNumber
          v-bind="limits"
          :model-value="piece.widthM"
          label="wide"
          @update:model-value="widthM => change(at, { widthM })"
        />
        <button
          type="button"
          class="tap grid place-items-center"
          :aria-label="`take size ${at + 1} away`"
          @click="set(pieces.filter((_, index) => index !== at))"
        >
          <UIcon
            name="i-ph-x"
            class="size-5"
          />
        </button>
      </li>
    </ul>
    <p class="flex flex-wrap gap-2">
      <button
        v-for="sort in SORTS"
        :key="sort.id"
        type="button"
        class="label-button !px-3"
        :disabled="pieces.length >= PIECE_LIMITS.sizes"
        :data-add-piece="sort.id"
        @click="set([...pieces, NEW[sort.id]])"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        {{ sort.label }}
      </button>
    </p>
  </fieldset>
</template>
