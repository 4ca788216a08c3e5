let context: AudioContext | null = null

interface Stroke { readonly at: number, readonly pitch: number, readonly shape: OscillatorType, readonly seconds: number, readonly loud: number }

/** Each made here of a few strokes: nothing is loaded. */
const SOUNDS: Readonly<Record<string, readonly Stroke[]>> = {
  bell: [{ at: 0, pitch: 880, shape: 'sine', seconds: 0.9, loud: 0.25 }, { at: 0.22, pitch: 1175, shape: 'sine', seconds: 0.9, loud: 0.25 }],
  knock: [0, 0.16, 0.5, 0.66].map((at) => ({ at, pitch: 165, shape: 'triangle', seconds: 0.09, loud: 0.6 })),
  chime: [523, 659, 784].map((pitch, i) => ({ at: 0.28 * i, pitch, shape: 'triangle', seconds: 1.1, loud: 0.3 })),
  silent: [],
}

/** Plays a sound of the workshop's choosing; `times` lets it be heard in another room. */
export const play = (sound: string, times = 1): void => {
  const strokes = SOUNDS[sound] ?? SOUNDS['bell'] ?? []
  if (strokes.length === 0) {
    return
  }
  context ??= new AudioContext()
  const audio = context
  void audio.resume()
  const length = Math.max(...strokes.map((s) => s.at + s.seconds)) + 0.35
  for (let n = 0; n < times; n++) {
    for (const stroke of strokes) {
      const from = audio.currentTime + n * length + stroke.at
      const tone = audio.createOscillator()
      const volume = audio.createGain()
      tone.type = stroke.shape
      tone.frequency.value = stroke.pitch
      volume.gain.setValueAtTime(0.0001, from)
      volume.gain.exponentialRampToValueAtTime(stroke.loud, from + 0.02)
      volume.gain.exponentialRampToValueAtTime(0.0001, from + stroke.seconds)
      tone.connect(volume).connect(audio.destination)
      tone.start(from)
      tone.stop(from + stroke.seconds + 0.05)
    }
  }
}
