import type { Kind } from '../api/types'
import { bags } from './bags'
import { boots, tallBoots } from './boots'
import { garments } from './garments'
import { lowShoes } from './lowShoes'
import type { Drawing } from './shape'
import { smallGoods } from './smallGoods'
import { trainers } from './trainers'

/** Every kind of piece that can be drawn, by its id. */
export const drawings: Readonly<Record<Kind, Drawing>> = { ...lowShoes, ...boots, ...tallBoots, ...trainers, ...bags, ...garments, ...smallGoods }

/** It is high rather than long: its halves stand side by side. */
export const isHigh = (kind: Kind): boolean => drawings[kind].box[3] > 220
