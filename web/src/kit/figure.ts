/** A number as hands type it, with a point or a comma; what is none is NaN, and the workshop's computer says so. */
export const figure = (text: string): number => (text.trim() === '' ? NaN : Number(text.trim().replace(',', '.').replace('−', '-')))
