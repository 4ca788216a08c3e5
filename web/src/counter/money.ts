/** Cents of a sum as somebody types it, with a point or a comma; null for what is no sum. */
export const cents = (typed: string): number | null => {
  const found = /^(\d{1,7})(?:[.,](\d{1,2}))?$/.exec(typed.replace(/\s/g, ''))
  return found === null ? null : Number(found[1]) * 100 + Number((found[2] ?? '').padEnd(2, '0'))
}
