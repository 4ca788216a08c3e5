import type { DropView } from '../api/types'
import { t } from '../words'

/** An amount of a paint as it was counted: “12 straw”, or “60 ml, then 14 drops of straw”. */
export const told = (d: DropView): string => (d.portion.by === 'drops' ? `${d.drops} ${d.name}` : t('pots.told.of', [d.portion.words, d.name]))
/** What is in a pot, or goes into it. */
export const toldAll = (drops: readonly DropView[]): string => drops.map(told).join(' + ')
