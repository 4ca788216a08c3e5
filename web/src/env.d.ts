/** Made of `en.json` by `web/build/words.ts`. */
declare module 'virtual:words/first' {
  const words: Record<string, Record<string, Record<string, string>>>
  export default words
}
declare module 'virtual:words/more' {
  const words: Record<string, Record<string, Record<string, string>>>
  export default words
}
