import { describe, expect, it } from 'vitest'
import { runs } from '../src/plan/runs'
import { plural, t } from '../src/words'
import { read, written } from '../src/workshop/shifts'

describe('hours as they are typed', () => {
  it.each([
    ['09:00–12:30', [{ from: '09:00', until: '12:30' }]],
    ['9-12:30', [{ from: '09:00', until: '12:30' }]],
    ['9:15 – 17', [{ from: '09:15', until: '17:00' }]],
    ['8-12, 13-17', [{ from: '08:00', until: '12:00' }, { from: '13:00', until: '17:00' }]],
    ['8–12\n\n 13–17 \n', [{ from: '08:00', until: '12:00' }, { from: '13:00', until: '17:00' }]],
    ['', []],
    ['never', [{ from: 'never', until: '' }]],
  ])('“%s”', (text, shifts) => {
    expect(read(text)).toEqual(shifts)
  })

  it('come back as they were written', () => {
    const shifts = [{ from: '08:00', until: '12:00' }, { from: '13:00', until: '17:30' }]
    expect(written(shifts)).toBe('08:00–12:00\n13:00–17:30')
    expect(read(written(shifts))).toEqual(shifts)
  })
})

describe('the texts of the screens', () => {
  it('say what they are told, each value where it belongs and as often as it stands there', () => {
    expect(t('bench.AlarmBar.also', ['Time to test', 'The boots'])).toBe('Also: Time to test, The boots')
    expect(t('bench.AlarmBar.also', [0])).toBe('Also: 0, ')
    expect(t('bench.AlarmBar.space')).toBe('Space')
    // What is told is not read as a text again.
    expect(t('bench.AlarmBar.also', ['{1}', '{0}'])).toBe('Also: {1}, {0}')
  })

  it('count', () => {
    expect([0, 1, 2].map((n) => plural('kit.counted.step', n))).toEqual(['0 steps', '1 step', '2 steps'])
    expect([0, 1, 7].map((n) => plural('shelf.PriceLists.newOnes', n))).toEqual(['no new product', '1 new product', '7 new products'])
  })
})

describe('numbers in few words', () => {
  it.each([
    [[1, 2, 4, 5, 6], '1 2 4–6'],
    [[3], '3'],
    [[], ''],
    [[7, 5, 6], '5–7'],
    [[1, 3, 5], '1 3 5'],
  ])('%j', (numbers, words) => {
    expect(runs(numbers)).toBe(words)
  })
})
