/** A key and what it does; shown on the sheet that `?` opens. */
export interface Shortcut {
  readonly key: string
  readonly label: string
  readonly to: string
}

export const SHORTCUTS: readonly Shortcut[] = [
  { key: '1', label: 'Round: what today asks for', to: '/' },
  { key: '2', label: 'Bench: plan a heap', to: '/bench' },
  { key: '3', label: 'Store: what is there', to: '/store' },
  { key: '4', label: 'Yard: every heap', to: '/yard' },
  { key: '5', label: 'Beds: what was spread, what covers them', to: '/beds' },
  { key: '6', label: 'Year: what will be wanted, what to begin by when', to: '/year' },
  { key: '7', label: 'Garden: settings and backup', to: '/garden' },
  { key: '/', label: 'Find anything: log, notes, places, stuff, words', to: '/search' },
  { key: 'b', label: 'Bench: the build sheet of the plan', to: '/bench/sheet' },
  { key: 's', label: 'Store: put something in', to: '/store?add=1' },
  { key: 'm', label: 'Materials: their values and yours', to: '/materials' },
]

const open = ref(false)

/** Whether the shortcut sheet is open. */
export function useShortcutSheet() {
  return { open }
}
