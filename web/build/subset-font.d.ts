declare module 'subset-font' {
  /** A font with those signs alone, and with its weights cut to a range. */
  export default function subsetFont(
    font: Buffer, text: string, options: { targetFormat: 'woff2', variationAxes?: Readonly<Record<string, { readonly min: number, readonly max: number }>> },
  ): Promise<Buffer>
}
