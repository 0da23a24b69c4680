/** The component library dressed in our own cloth; colours and type come from tokens.css. */
export default defineAppConfig({
  ui: {
    colors: { primary: 'moss', secondary: 'clay', success: 'moss', info: 'rain', warning: 'straw', error: 'rust', neutral: 'soil' },
    icons: { close: 'i-ph-x', check: 'i-ph-check', chevronDown: 'i-ph-caret-down', loading: 'i-ph-hourglass' },
    modal: {
      slots: {
        content: 'bg-default ring-2 ring-inverted/40 rounded-sm shadow-none', title: 'font-serif text-lg',
        header: 'border-b border-default',
      },
    },
    slideover: { slots: { content: 'bg-default ring-2 ring-inverted/40', title: 'font-serif text-lg' } },
    popover: { slots: { content: 'bg-elevated ring-2 ring-inverted/40 rounded-sm shadow-lg' } },
    select: { slots: { base: 'min-h-11 text-base rounded-sm ring-accented bg-[var(--sky)]' } },
    switch: { slots: { base: 'min-h-6' } },
  },
})
