import { afterEach, describe, expect, it, vi } from 'vitest'
import { play, strokes, type Calls } from '../src/kit/bell'

const ALL: readonly Calls[] = ['opens', 'closes', 'missed', 'message']
/** Of a wall nothing but the rhythm comes through: how many strokes, and how far apart. */
const rhythm = (sound: string, calls: Calls): string => {
  const at = strokes(sound, calls).map((s) => s.at)
  return at.map((a, i) => (a - (at[i - 1] ?? 0)).toFixed(2)).join(' ')
}

describe('what is heard', () => {
  it('says by its rhythm alone what calls, in every voice', () => {
    for (const sound of ['bell', 'knock', 'chime']) {
      expect(new Set(ALL.map((calls) => rhythm(sound, calls))).size, sound).toBe(4)
    }
  })

  it('goes up when something opens, and down when it was missed', () => {
    const pitches = (calls: Calls): number[] => strokes('chime', calls).map((s) => s.pitch)
    expect(pitches('opens')).toEqual([...pitches('opens')].sort((a, b) => a - b))
    expect(pitches('missed')[1]).toBeLessThan(pitches('missed')[0] ?? 0)
  })

  it('is another for each voice, the bell where the voice is not known, and nothing where the workshop wants none', () => {
    expect(strokes('bell', 'opens')[0]?.pitch).not.toBe(strokes('knock', 'opens')[0]?.pitch)
    expect(strokes('trumpet', 'opens')).toEqual(strokes('bell', 'opens'))
    expect(strokes('silent', 'missed')).toEqual([])
  })
})

describe('a sound', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
  })

  it('is made of strokes, as often as it shall be heard', () => {
    const begun: number[] = []
    const node = { connect: () => node, gain: { setValueAtTime: () => 0, exponentialRampToValueAtTime: () => 0 } }
    class Audio {
      currentTime = 10
      destination = {}
      resume = (): Promise<void> => Promise.resolve()
      createGain = (): object => node
      createOscillator = (): object => ({ ...node, frequency: {}, start: (at: number) => begun.push(at), stop: () => 0 })
    }
    vi.stubGlobal('AudioContext', Audio)
    play('silent', 'opens', 3)
    expect(begun).toEqual([])
    play('bell', 'missed', 2)
    expect(begun).toHaveLength(4)
    expect(begun.slice(0, 2)).toEqual([10, 10.6])
    expect(begun[2], 'the second time once the first has died away').toBeGreaterThan(11.5)
  })
})
