import { allWords } from '../src/words'

// As every page has them before it is shown.
await allWords()
