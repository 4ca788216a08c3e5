import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { behind, sync, undoSetBack } from '../src/session/clock'
import { dayNumber, isoDay } from '../src/session/days'
import { useSession } from '../src/session/useSession'
import { useWhen } from '../src/session/useWhen'
import { fakeApi, ok } from './fakeApi'

const ms = (iso: string): number => Date.parse(iso)
const VIENNA = 'Europe/Vienna'

describe('days of the calendar', () => {
  it('count one a day through both changes of the clock', () => {
    for (const [year, month] of [[2026, 2], [2026, 9]] as const) {
      let last: number | null = null
      for (let day = 20; day < 32; day++) {
        const noon = dayNumber(Date.UTC(year, month, day, 10), VIENNA)
        if (last !== null) {
          expect(noon - last).toBe(1)
        }
        last = noon
      }
    }
  })

  it('begin at midnight of the workshop, not of Greenwich', () => {
    expect(isoDay(dayNumber(ms('2026-03-28T22:59:59Z'), VIENNA))).toBe('2026-03-28')
    expect(isoDay(dayNumber(ms('2026-03-28T23:00:00Z'), VIENNA))).toBe('2026-03-29')
    expect(isoDay(dayNumber(ms('2026-06-30T22:00:00Z'), VIENNA))).toBe('2026-07-01')
    expect(isoDay(dayNumber(ms('2026-12-31T23:30:00Z'), VIENNA))).toBe('2027-01-01')
    expect(isoDay(dayNumber(ms('2026-12-31T23:30:00Z'), 'America/New_York'))).toBe('2026-12-31')
  })
})

describe('times in the words of the bench', () => {
  beforeEach(async () => {
    fakeApi(ok({ person: null, timezone: VIENNA, demo: false, alarm: 'bell', csrfToken: 't', now: new Date().toISOString() }))
    await useSession().load()
  })
  const when = (at: string, now: string): string => useWhen().when(at, ms(now))

  it('are the hour alone today, and the day with it otherwise', () => {
    const now = '2026-03-03T09:00:00Z'
    expect(when('2026-03-03T13:20:00Z', now)).toBe('14:20')
    expect(when('2026-03-03T23:30:00Z', now)).toBe('tomorrow 00:30')
    expect(when('2026-03-02T22:30:00Z', now)).toBe('yesterday 23:30')
    expect(when('2026-03-06T10:00:00Z', now)).toBe('Fri 11:00')
    expect(when('2026-03-10T10:00:00Z', now)).toBe('10 Mar 11:00')
  })

  it('say tomorrow on the evening before a change of the clock, and yesterday on the morning after', () => {
    // 23:30 on Saturday; Sunday has 23 hours, so 24 hours later it is Monday already.
    expect(when('2026-03-29T08:00:00Z', '2026-03-28T22:30:00Z')).toBe('tomorrow 10:00')
    expect(when('2026-03-29T21:45:00Z', '2026-03-28T22:30:00Z')).toBe('tomorrow 23:45')
    // 00:15 on the Sunday that has 25 hours.
    expect(when('2026-10-24T20:00:00Z', '2026-10-24T22:15:00Z')).toBe('yesterday 22:00')
    expect(when('2026-10-25T23:30:00Z', '2026-10-24T22:15:00Z')).toBe('tomorrow 00:30')
  })

  it('fill a field with so many days from now, over a change of the clock too', () => {
    expect(useWhen().field(ms('2026-03-28T22:30:00Z'), 7, '17:00')).toBe('2026-04-04T17:00')
    expect(useWhen().field(ms('2026-10-24T22:15:00Z'), 1, '17:00')).toBe('2026-10-26T17:00')
  })

  it.each([
    [0, '0 min'], [59.6, '1 h'], [8, '8 min'], [130, '2 h 10'], [60, '1 h'], [125, '2 h 05'], [1440, '1 d'], [1680, '1 d 4 h'], [-3, '0 min'],
  ])('say %d minutes as “%s”', (minutes, words) => {
    expect(useWhen().span(minutes)).toBe(words)
  })

  it('are said on the clock of the workshop', async () => {
    const workshop = { name: '', address: '', reach: '', clock: '12', uncollectedDays: 21 }
    fakeApi(ok({ person: null, timezone: VIENNA, demo: false, alarm: 'bell', csrfToken: 't', now: new Date().toISOString(), workshop }))
    await useSession().load()
    expect(when('2026-03-03T13:20:00Z', '2026-03-03T09:00:00Z')).toBe('2:20 pm')
    expect(when('2026-03-03T23:30:00Z', '2026-03-03T09:00:00Z')).toMatch(/^tomorrow (12|0):30 am$/)
  })

  it('name the day where it is another, in brief', () => {
    const { brief, time } = useWhen()
    expect(brief('2026-03-03T13:20:00Z', ms('2026-03-03T09:00:00Z'))).toBe('14:20')
    expect(brief('2026-03-05T09:16:00Z', ms('2026-03-03T09:00:00Z'))).toBe('Thu 10:16')
    expect(time(ms('2026-07-01T09:16:00Z'))).toBe('11:16')
  })
})

describe('the clock of this device', () => {
  let real = 0
  let even = 0
  beforeEach(() => {
    real = ms('2026-03-03T09:00:00Z')
    even = 1000
    vi.spyOn(Date, 'now').mockImplementation(() => real)
    vi.spyOn(performance, 'now').mockImplementation(() => even)
    sync('2026-03-03T10:00:00Z')
  })
  afterEach(() => {
    vi.restoreAllMocks()
  })
  const pass = (by: number): void => {
    real += by
    even += by
  }

  it('is as far behind as the workshop says', () => {
    expect(behind.value).toBe(3_600_000)
    pass(60_000)
    undoSetBack()
    expect(real + behind.value).toBe(ms('2026-03-03T10:01:00Z'))
  })

  it('keeps the workshop’s time when it is put back', () => {
    pass(60_000)
    real -= 3 * 3_600_000
    undoSetBack()
    expect(real + behind.value).toBe(ms('2026-03-03T10:01:00Z'))
  })

  it('is not counted back twice when the workshop has just said what time it is', () => {
    real -= 3 * 3_600_000
    sync('2026-03-03T10:00:00Z')
    undoSetBack()
    expect(real + behind.value).toBe(ms('2026-03-03T10:00:00Z'))
  })

  it('goes on through sleep, which looks like being put forward', () => {
    real += 8 * 3_600_000
    undoSetBack()
    expect(real + behind.value).toBe(ms('2026-03-03T18:00:00Z'))
  })

  it('does not mind a tick between its two clocks', () => {
    pass(1000)
    real -= 1500
    undoSetBack()
    expect(behind.value).toBe(3_600_000)
  })
})
