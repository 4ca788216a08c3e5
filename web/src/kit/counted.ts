import { plural } from '../words'

/** “1 step”, “3 steps”. */
export const counted = (
  count: number,
  one: 'coat' | 'drop' | 'finding' | 'line' | 'minute' | 'owner' | 'piece' | 'place' | 'step' | 'swatch' | 'time' | 'visit',
): string =>
  plural(`kit.counted.${one}`, count)
