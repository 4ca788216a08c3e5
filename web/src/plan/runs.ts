/** Numbers in few words: “1 2 4–6”. */
export const runs = (numbers: readonly number[]): string => {
  const found: [number, number][] = []
  for (const n of [...numbers].sort((a, b) => a - b)) {
    const last = found.at(-1)
    if (last !== undefined && last[1] === n - 1) {
      last[1] = n
    } else {
      found.push([n, n])
    }
  }
  return found.map(([from, to]) => (to > from + 1 ? `${from}–${to}` : to > from ? `${from} ${to}` : `${from}`)).join(' ')
}
