import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Half, PartView, TrialInput, WordsView } from '../src/api/types'
import { cents, money } from '../src/kit/money'
import FindingForm from '../src/piece/FindingForm.vue'
import MaterialFinder from '../src/piece/MaterialFinder.vue'
import PartSentence from '../src/piece/PartSentence.vue'
import WholePiece from '../src/piece/WholePiece.vue'
import { fakeApi, ok } from './fakeApi'
import { choose, says, settled, shown, words as text } from './mounting'
import { finding, kind, part, piece, words } from './views'

beforeEach(() => {
  document.body.innerHTML = ''
  localStorage.clear()
})

describe('marking what is wrong', () => {
  const form = (mark: (f: object) => Promise<boolean>, other: Half | null = 'right', material: PartView['material'] = 'aniline') =>
    shown(FindingForm, { words: words(), half: other === null ? 'whole' : 'left', parts: ['vamp'], material, other, busy: false, mark })
  const accepts = () => vi.fn<(f: object) => Promise<boolean>>().mockResolvedValue(true)

  it('offers what is usual on this material first, and what is seldom one step further', async () => {
    const it = form(accepts())
    expect(text(it)).toContain('scuff')
    expect(text(it)).not.toContain('flat-nap')
    await says(it, '1 more, seldom on this').trigger('click')
    expect(text(it)).toContain('flat-nap')
    expect(text(form(accepts(), null, 'suede'))).toContain('flat-nap')
  })

  it('offers what can be on this part alone', async () => {
    const none: Partial<WordsView> = { findings: words().findings.map((f) => ({ ...f, parts: ['toe' as const] })) }
    const it = shown(FindingForm, { words: words(none), half: 'left', parts: ['vamp'], material: 'aniline', other: 'right', busy: false, mark: accepts() })
    expect(text(it)).toContain('Nothing of this kind is found on this part.')
  })

  it('sends sizes as numbers, and nothing where nothing was measured', async () => {
    const mark = accepts()
    const it = form(mark)
    await says(it, 'scuff').trigger('click')
    await says(it, 'much').trigger('click')
    await it.find('[name=lengthMm]').setValue('12.5')
    await it.find('[name=depthMm]').setValue('0.4')
    await it.find('form').trigger('submit')
    await settled()
    expect(mark.mock.calls).toEqual([[{
      places: [{ part: 'vamp', half: 'left' }],
      findings: [{ kind: 'scuff', severity: 4, lengthMm: 12.5, widthMm: null, depthMm: 0.4, share: null }],
    }]])
    expect(it.find('[name=lengthMm]').exists()).toBe(false)
  })

  it('takes a share in per cent where there is no length', async () => {
    const mark = accepts()
    const it = form(mark)
    await says(it, 'faded').trigger('click')
    expect(it.find('[name=lengthMm]').exists()).toBe(false)
    await it.find('[name=share]').setValue('40')
    await it.find('form').trigger('submit')
    expect(mark.mock.calls[0]?.[0]).toMatchObject({ findings: [{ share: 0.4, severity: 2 }] })
  })

  it('marks the other half as well when it is the same there', async () => {
    const mark = accepts()
    const it = form(mark)
    await says(it, 'scuff').trigger('click')
    await it.find('input[type=checkbox]').setValue(true)
    await it.find('form').trigger('submit')
    await settled()
    expect(mark.mock.calls[0]?.[0]).toMatchObject({ places: [{ half: 'left' }, { half: 'right' }] })
  })

  it('marks several things on all of the outside at once, on both halves, by the keys alone', async () => {
    const mark = accepts()
    const it = shown(FindingForm, { words: words(), half: 'left', parts: ['toe', 'vamp'], material: 'aniline', other: 'right', busy: false, mark })
    const press = async (key: string): Promise<void> => {
      window.dispatchEvent(new KeyboardEvent('keydown', { key }))
      await settled()
    }
    const group = it.findAll('[aria-pressed=true]')[0]?.text()
    await press('1')
    expect(it.findAll('.may[aria-pressed=true]')).toHaveLength(2)
    await press('+')
    await press('Enter')
    const given = mark.mock.calls[0]?.[0] as { places: object[], findings: { severity: number }[] }
    expect(given.places).toHaveLength(4)
    expect(given.findings.map((f) => f.severity), 'one more than it was').toEqual([4])
    await press('g')
    expect(it.findAll('[aria-pressed=true]')[0]?.text(), 'the next group').not.toBe(group)
    expect(localStorage.getItem('kindheel-finding-group')).not.toBe(group)
  })

  it('opens the group that was used last', async () => {
    localStorage.setItem('kindheel-finding-group', 'dirt')
    expect(form(accepts()).find('.quiet[aria-pressed=true]').text()).toBe('dirt')
  })

  it('keeps what was typed when it is refused, and says nothing of the other half then', async () => {
    const mark = vi.fn<(f: object) => Promise<boolean>>().mockResolvedValue(false)
    const it = form(mark)
    await says(it, 'scuff').trigger('click')
    await it.find('input[type=checkbox]').setValue(true)
    await it.find('[name=lengthMm]').setValue('900')
    await it.find('form').trigger('submit')
    await settled()
    expect(mark).toHaveBeenCalledTimes(1)
    expect(it.find<HTMLInputElement>('[name=lengthMm]').element.value).toBe('900')
  })

  it('asks nothing of the other half where there is none', async () => {
    const it = form(accepts(), null)
    await says(it, 'scuff').trigger('click')
    expect(it.find('input[type=checkbox]').exists()).toBe(false)
  })
})

describe('what is known of a part, in a sentence', () => {
  const sentence = (parts: PartView[], more: Record<string, unknown> = {}) =>
    shown(PartSentence, {
      half: 'left', part: 'vamp', name: 'vamp', plural: false, parts, kind: kind(), words: words(), disabled: false,
      agreed: { aim: 'restore', gloss: 'glow', patina: 'soften', newShade: null }, ...more,
    })

  it('holds for both halves alike until it is said otherwise', async () => {
    const it = sentence([part()])
    expect(text(it)).toContain('The vamp is')
    await choose(it, 'Dryness', 'thirsty')
    await it.find('input[type=checkbox]').setValue(false)
    expect(text(it)).toContain('The left vamp is')
    await choose(it, 'Material', 'pigmented leather')
    expect(it.emitted('see')).toEqual([
      [{ places: [{ part: 'vamp', half: 'left' }, { part: 'vamp', half: 'right' }], dryness: 'thirsty' }],
      [{ places: [{ part: 'vamp', half: 'left' }], material: 'pigmented' }],
    ])
  })

  it('offers the usual materials first, then what a part in sight may be after all', async () => {
    const it = sentence([part()])
    await it.find('button[aria-label^="Material:"]').trigger('click')
    await settled()
    const offered = it.findAll('[role=option]').map((o) => o.text())
    expect(offered[0]).toContain('aniline leather')
    expect(offered[1]).toContain('pigmented leather')
    expect(offered[2]).toContain('suede')
    expect(offered).toHaveLength(3)
  })

  it('says “mixed” where the parts differ, and the meaning where they do not', () => {
    expect(text(sentence([part()]))).toContain('pores to be seen')
    const mixed = sentence([part(), part({ part: 'toe', material: 'suede' })], { part: 'outer', name: 'whole upper' })
    expect(mixed.find('button[aria-label="Material: mixed"]').exists()).toBe(true)
    expect(text(mixed)).not.toContain('pores to be seen')
  })

  it('puts a flag on and off again, beside those that are there', async () => {
    const it = sentence([part({ flags: ['vents'] })])
    expect(text(it)).toContain('More about it: with vents')
    await says(it, 'More about it').trigger('click')
    await settled()
    const boxes = it.findAll('input[type=checkbox]').slice(1)
    await boxes[0]?.setValue(true)
    await boxes[1]?.setValue(false)
    expect(it.emitted('see')?.map(([e]) => (e as { flags: string[] }).flags)).toEqual([['vents', 'perforated'], []])
  })

  it('takes what the owner asks for there, and of two that exclude each other the later', async () => {
    const it = sentence([part({ mayWish: ['local-only', 'whole-part'], wishes: ['local-only'] })])
    expect(text(it)).toContain('More about it: only the mark')
    await says(it, 'More about it').trigger('click')
    await settled()
    expect(text(it)).not.toContain('a darker wax on the toe')
    const boxes = it.findAll('fieldset input[type=checkbox]')
    await boxes[1]?.setValue(true)
    await boxes[0]?.setValue(false)
    expect(it.emitted('see')?.map(([e]) => (e as { wishes: string[] }).wishes)).toEqual([['whole-part'], []])
  })

  it('asks for the new colour of a part only where it gets one', async () => {
    const own = sentence([part({ agreed: { aim: 'recolour', gloss: 'matt', patina: 'remove', newShade: 'black' } })])
    await says(own, 'More about it').trigger('click')
    await settled()
    await choose(own, 'New colour of the part', 'chosen with the pot')
    expect(own.emitted('agree')?.[0]?.[0]).toMatchObject({ agreed: { aim: 'recolour', newShade: null } })
    const other = sentence([part({ agreed: { aim: 'restore', gloss: 'matt', patina: 'remove', newShade: 'black' } })])
    await says(other, 'More about it').trigger('click')
    await settled()
    expect(text(other)).not.toContain('black')
  })

  it('lets a part go its own way, and come back', async () => {
    const it = sentence([part()])
    await says(it, 'More about it').trigger('click')
    await settled()
    await says(it, 'Agree on something else').trigger('click')
    expect(it.emitted('agree')?.[0]?.[0]).toMatchObject({ agreed: { aim: 'restore', gloss: 'glow', patina: 'soften' } })
    const own = sentence([part({ agreed: { aim: 'restore', gloss: 'matt', patina: 'remove', newShade: null } })])
    await says(own, 'More about it').trigger('click')
    await settled()
    await choose(own, 'Gloss of the part', 'satin')
    expect(own.emitted('agree')?.[0]?.[0]).toMatchObject({ agreed: { aim: 'restore', gloss: 'satin', patina: 'remove' } })
    await says(own, 'As the rest').trigger('click')
    expect(own.emitted('agree')?.[1]?.[0]).toMatchObject({ agreed: null })
  })

  it('is only read by whoever may not plan', () => {
    const it = sentence([part()], { disabled: true })
    expect(it.findAll('button[aria-label]').every((b) => b.attributes('disabled') !== undefined)).toBe(true)
  })
})

describe('finding out what it is made of', () => {
  const finder = (of: Partial<PartView>, tried: (t: Omit<TrialInput, 'version'>) => Promise<boolean>, trials: object[] = []) =>
    shown(MaterialFinder, {
      part: part({ odds: [{ material: 'aniline', odds: 0.6 }, { material: 'pigmented', odds: 0.4 }], nextTrial: 'T-3', ...of }),
      kind: kind(), words: words(), trials, busy: false, disabled: false, tried,
    })
  const accepts = () => vi.fn<(t: Omit<TrialInput, 'version'>) => Promise<boolean>>().mockResolvedValue(true)

  it('says the odds, proposes the trial, and takes what came of it for both halves', async () => {
    const tried = accepts()
    const it = finder({}, tried)
    expect(text(it)).toContain('aniline leather 60 in 100')
    expect(text(it)).toContain('Next, a drop of water. On a hidden place.')
    await says(it, 'it beads').trigger('click')
    expect(tried.mock.calls[0]?.[0]).toEqual({ part: 'vamp', half: 'left', trial: 'T-3', outcome: 'beads', speaksFor: [{ part: 'vamp', half: 'right' }] })
  })

  it('speaks for this part alone, or for all that is outside', async () => {
    const tried = accepts()
    const it = finder({}, tried)
    await choose(it, 'It speaks for', 'this part only')
    await says(it, 'it beads').trigger('click')
    await choose(it, 'It speaks for', 'the whole upper')
    await says(it, 'it beads').trigger('click')
    expect(tried.mock.calls.map(([t]) => t.speaksFor)).toEqual([
      [],
      [{ part: 'toe', half: 'left' }, { part: 'toe', half: 'right' }, { part: 'vamp', half: 'right' }],
    ])
  })

  it('takes a product with its readings, however they are typed', async () => {
    const tried = accepts()
    const it = finder({}, tried)
    await choose(it, 'Another trial', 'the product itself')
    await it.find('[name=labBefore]').setValue('40 12 20')
    await it.find('[name=labAfter]').setValue(' 37; 12,18 ')
    await says(it, 'it darkens').trigger('click')
    expect(tried.mock.calls[0]?.[0]).toMatchObject({ trial: 'T-7', product: 'conditioner', before: [40, 12, 20], after: [37, 12, 18] })
    await settled()
    expect(it.find('[name=labBefore]').exists()).toBe(false)
  })

  it('says when no trial is worth its risk any more', () => {
    expect(text(finder({ nextTrial: null }, accepts()))).toContain('No trial is worth its risk any more')
    expect(text(finder({ nextTrial: null, certainty: 'known' }, accepts()))).not.toContain('worth its risk')
  })

  it('lists what was tried here or speaks for here, and forgets it', async () => {
    const trial = (id: number, half: string, speaksFor: string[] = []) =>
      ({ id, half, part: 'vamp', trial: 'T-3', outcome: 'beads', product: null, by: 'Ida', before: null, after: null, speaksFor })
    const it = finder({}, accepts(), [trial(1, 'left'), trial(2, 'right'), trial(3, 'right', ['left/vamp'])])
    expect(it.findAll('li')).toHaveLength(2)
    await says(it, 'take away the trial').trigger('click')
    expect(it.emitted('forget')).toEqual([[1]])
  })
})

describe('what is said of the piece as a whole', () => {
  const whole = async (of: Parameters<typeof piece>[0], questions: object[] = [], hands = true) => {
    fakeApi(ok({ questions }))
    const it = shown(WholePiece, { piece: piece(of), kind: kind(), disabled: false, hands })
    await settled()
    return it
  }

  it('says how many findings there are, in a sentence', async () => {
    expect(text(await whole({}))).toContain('Choose a part on the drawing')
    expect(text(await whole({ findings: [finding()] }))).toContain('1 finding so far')
    expect(text(await whole({ findings: [finding(), finding({ id: 2 })] }))).toContain('2 findings so far')
  })

  it('takes a part that it lacks on both halves, and gives one that others of its cut lack', async () => {
    const it = await whole({ parts: [part({ part: 'toe', half: 'left' }), part({ part: 'toe', half: 'right' })] })
    await says(it, 'It lacks a part').trigger('click')
    const boxes = it.findAll('input[type=checkbox]').map((b) => b.element as HTMLInputElement)
    expect(boxes.map((b) => b.checked)).toEqual([true, false, false])
    await it.findAll('input[type=checkbox]')[0]?.trigger('change')
    await it.findAll('input[type=checkbox]')[1]?.trigger('change')
    expect(it.emitted('has')).toEqual([
      [{ places: [{ part: 'toe', half: 'left' }, { part: 'toe', half: 'right' }], has: false }],
      [{ places: [{ part: 'vamp', half: 'left' }, { part: 'vamp', half: 'right' }], has: true }],
    ])
  })

  it('leads to the part whose doubt changes the plan, and only names the others', async () => {
    const it = await whole({}, [
      { half: 'left', part: 'toe', plans: 3, trial: 'T-3', text: 'The toe may be three things.' },
      { half: 'left', part: 'vamp', plans: 1, trial: null, text: 'The vamp makes no odds.' },
    ])
    await says(it, 'three things').trigger('click')
    expect(it.emitted('choose')).toEqual([['left', 'toe']])
    expect(it.findAll('button').some((b) => b.text().includes('makes no odds'))).toBe(false)
  })

  it('keeps what it is worth in hundredths, however it is written, and asks where it is no sum', async () => {
    const it = await whole({ valueCents: 12050, unwanted: 'no smell' })
    await says(it, 'What it is worth').trigger('click')
    await settled()
    expect(it.find<HTMLInputElement>('[name=value]').element.value).toBe('120.50')
    await it.find('[name=value]').setValue('1 200,5')
    await it.find('[name=replace]').setValue('')
    await it.find('form').trigger('submit')
    expect(it.emitted('agree')).toEqual([[{ unwanted: 'no smell', valueCents: 120050, replaceCents: null }]])
    await it.find('[name=value]').setValue('a lot')
    await it.find('form').trigger('submit')
    expect(text(it)).toContain('Write a sum in figures')
    expect(it.find<HTMLInputElement>('[name=value]').element.value).toBe('a lot')
    expect(it.emitted('agree')).toHaveLength(1)
  })

  it('takes off what comes off', async () => {
    const it = await whole({ parts: [part({ part: 'laces', half: 'right', off: false }), part()] })
    expect(it.findAll('input[type=checkbox]')).toHaveLength(1)
    await it.find('input[type=checkbox]').setValue(true)
    expect(it.emitted('off')).toEqual([[{ part: 'laces', half: 'right', off: true }]])
    const looksOn = await whole({ parts: [part({ part: 'laces', half: 'right', off: false }), part()] }, [], false)
    expect(looksOn.find<HTMLInputElement>('input[type=checkbox]').element.disabled).toBe(true)
  })

  it('offers to copy one that was here before, until something has been found', async () => {
    const past = [{ id: 3, name: 'Father’s oxfords', tag: '1-1' }]
    const it = await whole({ past })
    await says(it, 'Father’s oxfords').trigger('click')
    expect(it.emitted('copy')).toEqual([[3]])
    expect(text(await whole({ past, findings: [finding()] }))).not.toContain('Father')
  })
})

describe('sums of money', () => {
  it.each([
    ['', null], ['  ', null], ['120', 12000], ['120.5', 12050], ['120,50', 12050], ['1 200', 120000], ['0.01', 1], ['19.99', 1999], ['1.999', undefined],
    ['-5', undefined], ['12.', undefined], ['twelve', undefined], ['1,200.50', undefined],
  ])('“%s” is %s hundredths', (typed, expected) => {
    expect(cents(typed)).toBe(expected)
  })

  it.each([[null, ''], [12000, '120'], [12050, '120.50'], [5, '0.05'], [0, '0']])('%s hundredths are written “%s”', (hundredths, expected) => {
    expect(money(hundredths)).toBe(expected)
  })

  it('come back as they were, each of them', () => {
    for (let n = 0; n < 3000; n += 7) {
      expect(cents(money(n))).toBe(n)
    }
  })
})
