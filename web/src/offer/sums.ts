/** A sum in hundredths as it is written: “61.50”, “1 240.00”. */
export const sum = (cents: number): string => {
  const [whole = '', rest = ''] = (Math.abs(cents) / 100).toFixed(2).split('.')
  return `${cents < 0 ? '−' : ''}${whole.replace(/\B(?=(\d{3})+$)/g, ' ')}.${rest}`
}
