/** A number as people and devices write it: "21.5", "21,5", "1.234,5", "-3", with a unit behind it or none; nothing when it is none. */
export function readNumber(text: string): number | undefined {
  const bare = text.replace(/[°\s ]|[CF]$/gi, '')
  if (!/^[-+−]?[\d.,']+$/.test(bare) || !/\d/.test(bare)) return undefined
  const signed = bare.replace('−', '-').replace(/'/g, '')
  const comma = signed.lastIndexOf(',')
  const dot = signed.lastIndexOf('.')
  // The later of the two marks is the decimal one; a single one always is.
  const plain = comma > dot ? signed.replace(/\./g, '').replace(',', '.') : signed.replace(/,/g, '')
  const value = Number(plain)
  return Number.isFinite(value) ? value : undefined
}
