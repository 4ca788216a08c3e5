import { describe, expect, it } from 'vitest'
import { runs } from '../src/plan/runs'
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
