import type { ProductRowView } from '../api/types'

/** In what a product stands on the shelf, as it is drawn. */
export type Vessel = 'bottle' | 'tube' | 'jar' | 'tin' | 'can' | 'bag' | 'spool' | 'roll'

const VESSELS: Partial<Record<NonNullable<ProductRowView['family']>, Vessel>> = {
  'conditioner': 'jar', 'conditioner-light': 'jar', 'cleaner-cream': 'jar', 'cream': 'jar', 'peroxide': 'jar', 'cement': 'tin', 'soap': 'tin', 'wax': 'tin',
  'heavy-wax': 'tin', 'shine': 'tin', 'repellent': 'can', 'lining-spray': 'can', 'poultice': 'bag', 'filler': 'tube', 'touch-up': 'tube', 'paint': 'tube',
}

export const vesselOf = (p: Pick<ProductRowView, 'family' | 'unit'>): Vessel =>
  p.unit === 'm' ? 'spool' : p.unit === 'pcs' ? 'roll' : p.family === null ? 'bottle' : VESSELS[p.family] ?? 'bottle'

/** How full the vessels of a product are in all, of as many as stand there. */
export const level = (p: Pick<ProductRowView, 'left' | 'lots' | 'pack'>): number => p.lots === 0 ? 0 : Math.max(0, Math.min(1, p.left / (p.lots * p.pack)))

/** “180 ml”, “4.2 g”. */
export const amount = (n: number, unit: string): string => {
  const size = Math.abs(n)
  const digits = size > 0 && size < 10 ? 1 : 0
  return `${n.toFixed(digits).replace(/\.0$/, '')} ${unit}`
}
