import { bags } from './bags'
import { boots, tallBoots } from './boots'
import { garments } from './garments'
import { lowShoes } from './lowShoes'
import type { Drawing } from './shape'
import { smallGoods } from './smallGoods'
import { trainers } from './trainers'

/** Every kind of piece that can be drawn, by its id. */
export const drawings: Readonly<Record<string, Drawing>> = { ...lowShoes, ...boots, ...tallBoots, ...trainers, ...bags, ...garments, ...smallGoods }

/** Pairs have a left and a right half; other pieces are one. */
export const halvesOf = (kind: string): readonly string[] =>
  (/^(bag|small-goods)\//.test(kind) || (kind.startsWith('garment/') && kind !== 'garment/gloves') ? ['whole'] : ['left', 'right'])

/** It is high rather than long: its halves stand side by side. */
export const isHigh = (kind: string): boolean => (drawings[kind]?.box[3] ?? 0) > 220
