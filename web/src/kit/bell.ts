let context: AudioContext | null = null

/** What calls: a window opens or a test is due, one closes soon, one has closed, somebody said something. */
export type Calls = 'opens' | 'closes' | 'missed' | 'message'

interface Voice { readonly pitch: number, readonly shape: OscillatorType, readonly seconds: number, readonly loud: number }
/** When a stroke falls, in seconds, and how high it is against the voice's own pitch. */
type Stroke = readonly [at: number, interval: number]

/** The workshop chooses the voice. Nothing is loaded: each is made here of a few strokes. */
const VOICES: Readonly<Record<string, Voice | null>> = {
  bell: { pitch: 880, shape: 'sine', seconds: 0.9, loud: 0.25 },
  knock: { pitch: 165, shape: 'triangle', seconds: 0.09, loud: 0.6 },
  chime: { pitch: 523, shape: 'triangle', seconds: 1.1, loud: 0.3 },
  silent: null,
}
/** What is played says what calls, by its rhythm as by its pitch: it is told apart through a wall, and by a knock that has only one. */
const TUNES: Readonly<Record<Calls, readonly Stroke[]>> = {
  // Up, unhurried.
  opens: [[0, 1], [0.28, 5 / 4], [0.56, 3 / 2]],
  // To and fro, quickly.
  closes: [[0, 4 / 3], [0.14, 1], [0.28, 4 / 3], [0.42, 1], [0.56, 4 / 3], [0.7, 1]],
  // Down, far apart.
  missed: [[0, 1], [0.6, 3 / 4]],
  // Once, and an echo.
  message: [[0, 3 / 2], [0.1, 3 / 2]],
}

/** Strokes of a voice that plays a tune: seconds from now, pitch in hertz. */
export const strokes = (sound: string, calls: Calls): { at: number, pitch: number, voice: Voice }[] => {
  const voice = sound in VOICES ? VOICES[sound] ?? null : VOICES['bell'] ?? null
  return voice === null ? [] : TUNES[calls].map(([at, interval]) => ({ at, pitch: voice.pitch * interval, voice }))
}

/** Plays what calls by the sound of the workshop's choosing; `times` lets it be heard in another room. */
export const play = (sound: string, calls: Calls = 'opens', times = 1): void => {
  const tune = strokes(sound, calls)
  if (tune.length === 0) {
    return
  }
  context ??= new AudioContext()
  const audio = context
  void audio.resume()
  const length = Math.max(...tune.map((s) => s.at + s.voice.seconds)) + 0.35
  for (let n = 0; n < times; n++) {
    for (const { at, pitch, voice } of tune) {
      const from = audio.currentTime + n * length + at
      const tone = audio.createOscillator()
      const volume = audio.createGain()
      tone.type = voice.shape
      tone.frequency.value = pitch
      volume.gain.setValueAtTime(0.0001, from)
      volume.gain.exponentialRampToValueAtTime(voice.loud, from + 0.02)
      volume.gain.exponentialRampToValueAtTime(0.0001, from + voice.seconds)
      tone.connect(volume).connect(audio.destination)
      tone.start(from)
      tone.stop(from + voice.seconds + 0.05)
    }
  }
}
