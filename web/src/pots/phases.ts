import type { DropView, PotPhase, PotView } from '../api/types'

/** What is due when the drops that were tapped in since the last answer are counted. */
export const stillDue = (due: readonly DropView[], tapped: (code: string) => number): DropView[] =>
  due.map((d) => ({ ...d, drops: d.drops - tapped(d.code) })).filter((d) => d.drops > 0)

/** What the pot wants next, as it looks to the hands: drops on their way are in it already, and who finds it near enough may lay it. */
export const phaseOf = (pot: Pick<PotView, 'phase'> | null, due: boolean, onTheirWay: boolean, asItIs: boolean): PotPhase | 'loading' => {
  if (pot === null) {
    return 'loading'
  }
  if (onTheirWay && pot.phase !== 'closed') {
    return due ? 'drops' : 'dab'
  }
  return pot.phase === 'correct' && asItIs ? 'lay' : pot.phase
}
