import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import subsetFont from 'subset-font'

/** Beside what is installed: made anew when a font, a text or this file is another. */
const MADE = 'node_modules/.cache/kindheel-fonts'
const FONTS = [
  { family: 'Atkinson Hyperlegible Next Variable', file: 'atkinson-hyperlegible-next', declared: '200 800', wght: { min: 400, max: 700 } },
  { family: 'Fraunces Variable', file: 'fraunces', declared: '100 900', wght: { min: 600, max: 600 } },
] as const
const TEXTS = ['web/src/words/en.json', 'web/src/help/help.json']

/** Every sign that the screens say by themselves, and what is typed. */
const signs = (): string => {
  const typed = Array.from({ length: 95 }, (_, i) => String.fromCodePoint(32 + i)).join('')
  const said = TEXTS.map((file) => readFileSync(file, 'utf8')).join('')
  return [...new Set(typed + said + '°×–…')].filter((sign) => sign >= ' ').sort().join('')
}

/**
 * Fonts of what nearly every screen needs, a third of what they come with: these signs, and weights that are used. They are said after the whole ones, of which
 * a browser then loads a file only for a sign that is in no smaller one.
 */
export const smallerFonts = async (): Promise<void> => {
  const text = signs()
  const whole = FONTS.map(({ file }) => readFileSync(`node_modules/@fontsource-variable/${file}/files/${file}-latin-wght-normal.woff2`))
  const made = createHash('sha256').update(text).update(readFileSync('web/build/fonts.ts')).update(Buffer.concat(whole)).digest('hex')
  if (existsSync(`${MADE}/made`) && readFileSync(`${MADE}/made`, 'utf8') === made) {
    return
  }
  mkdirSync(MADE, { recursive: true })
  const range = [...text].map((sign) => `U+${sign.codePointAt(0)?.toString(16).toUpperCase()}`).join(', ')
  const faces = await Promise.all(FONTS.map(async ({ family, file, declared, wght }, i) => {
    writeFileSync(`${MADE}/${file}.woff2`, await subsetFont(whole[i] ?? Buffer.of(), text, { targetFormat: 'woff2', variationAxes: { wght } }))
    return `@font-face {
  font-family: '${family}'; font-style: normal; font-display: swap; font-weight: ${declared};
  src: url(./${file}.woff2) format('woff2-variations');
  unicode-range: ${range};
}
`
  }))
  writeFileSync(`${MADE}/fonts.css`, faces.join(''))
  writeFileSync(`${MADE}/made`, made)
}
