/** Which build of the app this is; outside of one, a word for that. */
export const BUILD = (import.meta.env as { readonly BUILD?: string }).BUILD ?? 'unbuilt'
