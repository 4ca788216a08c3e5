let context: AudioContext | null = null

/** Two soft strokes on a small bell, made here: nothing is loaded. */
export const ring = (): void => {
  context ??= new AudioContext()
  const audio = context
  void audio.resume()
  for (const [delay, pitch] of [[0, 880], [0.22, 1175]] as const) {
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    tone.frequency.value = pitch
    volume.gain.setValueAtTime(0.0001, audio.currentTime + delay)
    volume.gain.exponentialRampToValueAtTime(0.2, audio.currentTime + delay + 0.02)
    volume.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + delay + 0.9)
    tone.connect(volume).connect(audio.destination)
    tone.start(audio.currentTime + delay)
    tone.stop(audio.currentTime + delay + 1)
  }
}
