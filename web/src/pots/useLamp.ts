import { useLocalStorage } from '@vueuse/core'
import type { SeenView } from '../api/types'
import { t } from '../words'

export type Lamp = 'daylight' | 'lamp' | 'tube'

export const lamps: readonly { id: Lamp, label: string }[] = [
  { id: 'daylight', label: t('pots.useLamp.daylight') },
  { id: 'lamp', label: t('pots.useLamp.lampLight') },
  { id: 'tube', label: t('pots.useLamp.shopTube') },
]

/** A difference with its sign, and no sign where there is none. */
export const signed = (value: number): string => {
  const text = Math.abs(value).toFixed(1)
  return Number(text) === 0 ? text : value < 0 ? `−${text}` : `+${text}`
}

/** The lamp that colours are looked at under, the same on every screen of this computer. */
export const useLamp = () => {
  const lamp = useLocalStorage<Lamp>('lamp', 'daylight')
  return { lamp, under: (seen: SeenView | null | undefined): string | null => seen?.[lamp.value] ?? null }
}
