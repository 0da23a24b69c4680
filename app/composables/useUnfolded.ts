/** Which details of pages lie open on this device, by the name of the part: as they were left the last time. */
export const useUnfolded = createGlobalState(() => {
  const open = useRemembered<Readonly<Record<string, boolean>>>('wastrum.unfolded', {})
  return {
    isOpen: (part: string) => open.value[part] === true,
    turn: (part: string) => { open.value = { ...open.value, [part]: open.value[part] !== true } },
  }
})
