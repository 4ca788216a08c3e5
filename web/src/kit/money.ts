/** A sum as it is typed, in hundredths: “120”, “12.5”, “1 200,50”. Null where nothing is typed; undefined where it is no sum. */
export const cents = (text: string): number | null | undefined => {
  const typed = text.trim()
  if (typed === '') {
    return null
  }
  const [, whole, rest] = /^(\d[\d ]*)(?:[.,](\d{1,2}))?$/.exec(typed) ?? []
  return whole === undefined ? undefined : Number(whole.replaceAll(' ', '') + (rest ?? '').padEnd(2, '0'))
}

/** “120”, “12.50”; nothing where nothing is known. */
export const money = (hundredths: number | null): string => {
  if (hundredths === null) {
    return ''
  }
  const rest = hundredths % 100
  return `${Math.trunc(hundredths / 100)}${rest === 0 ? '' : `.${String(rest).padStart(2, '0')}`}`
}
