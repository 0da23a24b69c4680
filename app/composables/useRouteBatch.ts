/** The batch that the address names, or nothing if there is none (any more). */
export function useRouteBatch() {
  const route = useRoute()
  const { batches } = useGarden()
  return computed(() => batches.value.find(({ batch }) => batch.id === route.params.id))
}
