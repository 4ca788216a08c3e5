import { renderSVG } from 'uqr'

/** The square code of a text, as the source of a picture. */
export const squareCode = (text: string): string => `data:image/svg+xml,${encodeURIComponent(renderSVG(text, { border: 2 }))}`
