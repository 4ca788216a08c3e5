import type { BlockView } from '../api/types'

/** How long hands are at these, in whole minutes. */
export const handMinutes = (blocks: readonly BlockView[]): number =>
  Math.round(blocks.reduce((sum, b) => sum + (Date.parse(b.end) - Date.parse(b.start)) / 60_000, 0))

/** What one person does on one piece in a row, without more than a breath between. */
export interface Sitting { readonly pieceName: string, readonly start: string, readonly end: string, readonly blocks: readonly BlockView[] }

/** A pause of so many minutes begins another sitting. */
const PAUSE_MINUTES = 10

export const sittings = (blocks: readonly BlockView[]): Sitting[] => blocks.reduce<Sitting[]>((all, block) => {
  const last = all.at(-1)
  const goesOn = last !== undefined && last.pieceName === block.pieceName && Date.parse(block.start) - Date.parse(last.end) < PAUSE_MINUTES * 60_000
  return goesOn
    ? [...all.slice(0, -1), { ...last, end: block.end, blocks: [...last.blocks, block] }]
    : [...all, { pieceName: block.pieceName, start: block.start, end: block.end, blocks: [block] }]
}, [])
