/** A share of a drawing's width as it writes it. */
export const alongText = (share: number): string => `${(100 * share).toFixed(2)}%`
