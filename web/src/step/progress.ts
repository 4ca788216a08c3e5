import type { PieceProgress } from '../api/types'

/** It is not here any more. */
export const isAway = (state: PieceProgress): boolean => state === 'collected' || state === 'called-off'

/** Something is still to be done to it. */
export const isOpen = (state: PieceProgress): boolean => state !== 'ready' && !isAway(state)
