/** A backup that was picked on the first page, for the page that reads it. */
export const useHandedFile = createGlobalState(() => shallowRef<File>())
