<script setup lang="ts">
import { reserveOf } from '#core/year/browns'

/** Browns for the greens of the year: what lies here, what comes in, what has to be laid by. */
const { stored, supplies, materials, clock } = useGarden()
const { incomes } = useNeeds()
const { quantity } = useSay()
/** Less is not worth a sentence: a sack or two, litres. */
const WORTH_L = 40
const reserve = computed(() => reserveOf(incomes.value, supplies.value, stored.value, materials.value, clock.value))
const comes = computed(() => reserve.value.comeL > 0 ? ` and ${quantity('volume', reserve.value.comeL)} come in` : '')
const sentence = computed(() => {
  const { greenL, wantedL, lieL } = reserve.value
  return `About ${quantity('volume', greenL)} of greens come in over the year. They want ${quantity('volume', wantedL)} of browns; `
    + `${quantity('volume', lieL)} lie here${comes.value}.`
})
</script>

<template>
  <p
    v-if="reserve.greenL >= WORTH_L"
    data-reserve
  >
    {{ sentence }}
    <strong v-if="reserve.missingL >= WORTH_L">
      Lay by {{ quantity('volume', reserve.missingL) }} more of leaves or card while there are some.
    </strong>
  </p>
</template>
