import type { Shade, WordsView } from '../api/types'
import { t } from '../words'

/** What a recolour can bring; at first it is left to the pot that will be mixed. */
export const newShades = (words: WordsView): { id: Shade | '', label: string, hex?: string }[] => [
  { id: '', label: t('piece.newShades.chosenWithThePot') }, ...words.shades
]
