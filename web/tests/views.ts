import type {
  BenchView, CallView, CoatView, DabView, DifferenceView, DropView, FindingView, FindingWordView, KindView, PartView, PersonView, PieceView,
  PlanView, PotView, RackPieceView, ReadingView, RecipeView, SeenView, SessionView, StepView, WordsView,
} from '../src/api/types'

/* Views as the workshop's computer sends them, each with what a test does not care about filled in. */

export const at = (minutes: number): string => new Date(Date.UTC(2026, 2, 3, 9) + minutes * 60_000).toISOString()
export const ms = (minutes: number): number => Date.parse(at(minutes))

export const step = (more: Partial<StepView> = {}): StepView => ({
  id: 1, version: 1, piece: 1, key: 's01', status: 'open', phase: 'colour', half: 'both', parts: ['vamp'], title: 'Lay cream', where: 'vamp', why: 'It is dry.',
  how: 'Thinly.', amount: null, supplies: [], action: 'lay', isLook: false, onParts: true, family: 'cream', applicator: 'cloth', station: 'bench', coat: 1,
  coats: 1, overrides: [], tries: [], minutes: 8, waits: [], gate: null, because: [], cautions: [], hex: null, brush: 'brown', startedAt: null, startedBy: null,
  endedAt: null, spoiled: false, tookMinutes: null, notes: [], ...more,
})

export const call = (more: Omit<Partial<CallView>, 'step'> & { step?: Partial<StepView> } = {}): CallView => ({
  pieceName: 'The derbies', urgency: 'open', closesAt: null, minutes: 8, again: null, goesTo: null, shelf: null, takes: null, pot: null,
  ...more, step: step(more.step),
})

export const coat = (more: Partial<CoatView> = {}): CoatView => ({
  step: 1, version: 1, title: 'Paint', half: 'left', parts: ['vamp'], laidAt: at(0), touchAt: at(10), recoatFromAt: at(20), recoatUntilAt: null,
  nextAt: at(110), fullAt: at(3000), gate: null, gateAt: null, gatePassed: false, warnings: [], ...more,
})

export const rackPiece = (more: Partial<RackPieceView> = {}): RackPieceView => ({
  piece: 1, name: 'The derbies', customer: 'Mirela', kind: 'low-shoe/derby', place: 'rack', promisedAt: at(600), promised: true, stepsDone: 3, stepsAll: 12,
  colours: [{ half: 'left', hex: '#553311', parts: ['vamp'] }, { half: 'right', hex: '#553311', parts: ['vamp'] }], coats: [], atWork: [], opensAt: null,
  closesAt: null, next: null, standing: null, bells: [], arranged: [], ...more,
})

export const part = (more: Partial<PartView> = {}): PartView => ({
  half: 'left', part: 'vamp', material: 'aniline', certainty: 'guess', dryness: 'supple', shade: 'chestnut', hex: '#553311', flags: [],
  wishes: [], mayWish: [], areaDm2: null, agreed: null, off: false, overruled: false, odds: [], nextTrial: null, contradictions: [], ...more,
})

export const finding = (more: Partial<FindingView> = {}): FindingView => ({
  id: 1, half: 'left', part: 'vamp', kind: 'scuff', label: 'scuff', group: 'surface', severity: 2, lengthMm: null, widthMm: null, depthMm: null,
  share: null, ...more,
})

export const piece = (more: Partial<PieceView> = {}): PieceView => ({
  id: 4, version: 7, name: 'The derbies', kind: 'low-shoe/derby', sizeEu: 42, lengthMm: null, aim: 'freshen', gloss: 'satin', patina: 'keep',
  newShade: null, unwanted: '',
  valueCents: null, replaceCents: null, state: 'to-plan', hasPlan: false, ticket: 2, tag: '2-1', customer: 'Mirela', wish: '',
  promisedAt: at(600), promised: true, parts: [],
  findings: [], trials: [], differences: [], past: [], ...more,
})

export const kind = (more: Partial<KindView> = {}): KindView => ({
  id: 'low-shoe/derby', label: 'derby', family: 'low-shoe', halves: ['left', 'right'], outer: 'upper', goesBySize: true, usualLengthMm: null,
  parts: [
    { id: 'toe', label: 'toe', materials: ['aniline', 'pigmented'], outer: true, detachable: false, plural: false, usual: true },
    { id: 'vamp', label: 'vamp', materials: ['aniline', 'pigmented'], outer: true, detachable: false, plural: false, usual: true },
    { id: 'laces', label: 'laces', materials: ['textile'], outer: false, detachable: true, plural: true, usual: true },
  ],
  ...more,
})

const found = (more: Partial<FindingWordView> & Pick<FindingWordView, 'id'>): FindingWordView => ({
  label: more.id, group: 'surface', hasSize: true, hasDepth: false, usualOn: ['aniline', 'pigmented'], parts: ['toe', 'vamp'], ...more,
})

export const words = (more: Partial<WordsView> = {}): WordsView => ({
  families: [{ id: 'low-shoe', label: 'low shoes', meaning: '' }, { id: 'bag', label: 'bags', meaning: '' }],
  kinds: [kind(), kind({ id: 'bag/tote', label: 'tote', family: 'bag', halves: ['whole'], goesBySize: false, usualLengthMm: 420, outer: 'outside' })],
  materials: [
    { id: 'pigmented', label: 'pigmented leather', meaning: 'a film of colour', upper: true },
    { id: 'aniline', label: 'aniline leather', meaning: 'pores to be seen', upper: true },
    { id: 'suede', label: 'suede', meaning: 'a nap', upper: true },
    { id: 'metal', label: 'metal', meaning: 'buckles', upper: false },
  ],
  certainties: [{ id: 'known', label: 'known', meaning: '' }, { id: 'guess', label: 'guess', meaning: '' }],
  dryness: [{ id: 'supple', label: 'supple', meaning: '' }, { id: 'thirsty', label: 'thirsty', meaning: '' }],
  findings: [
    found({ id: 'scuff', hasDepth: true }), found({ id: 'faded', hasSize: false }), found({ id: 'flat-nap', usualOn: ['suede'] }),
    found({ id: 'ink', group: 'dirt' }),
  ],
  severities: [{ id: 1, label: 'a little', meaning: '' }, { id: 2, label: 'some', meaning: '' }, { id: 4, label: 'much', meaning: '' }],
  aims: [
    { id: 'freshen', label: 'freshen', meaning: 'as it is, but cared for' }, { id: 'restore', label: 'restore', meaning: 'as it was' },
    { id: 'recolour', label: 'recolour', meaning: 'another colour' },
  ],
  glosses: [{ id: 'matt', label: 'matt', meaning: '' }, { id: 'satin', label: 'satin', meaning: '' }],
  shades: [{ id: 'chestnut', label: 'chestnut', hex: '#553311' }, { id: 'black', label: 'black', hex: '#111111' }],
  flags: [{ id: 'perforated', label: 'perforated', meaning: '' }, { id: 'vents', label: 'with vents', meaning: '' }],
  patinas: [{ id: 'keep', label: 'keep', meaning: '' }, { id: 'remove', label: 'remove', meaning: '' }],
  wishes: [
    { id: 'darker-toe', label: 'a darker wax on the toe', meaning: '' }, { id: 'local-only', label: 'only the mark', meaning: '' },
    { id: 'whole-part', label: 'the whole part', meaning: '' },
  ],
  trials: [
    {
      id: 'T-3', label: 'a drop of water', how: 'On a hidden place.', identifies: true,
      outcomes: [{ id: 'beads', label: 'it beads', meaning: '' }, { id: 'absorbs-at-once', label: 'it is drunk', meaning: '' }],
    },
    { id: 'T-7', label: 'the product itself', how: 'The size of a nail.', identifies: false, outcomes: [{ id: 'darkens', label: 'it darkens', meaning: '' }] },
  ],
  products: [{ id: 'conditioner', label: 'conditioner', meaning: '' }, { id: 'cream', label: 'cream polish', meaning: '' }],
  applicators: [
    { id: 'cloth', label: 'cloth', laysPaint: false, laysDye: true },
    { id: 'sponge', label: 'sponge', laysPaint: true, laysDye: true },
  ],
  acts: [{ id: 'buff', label: 'brush to a shine', meaning: '' }],
  places: [{ id: 'bench', label: 'bench', meaning: '' }, { id: 'rack', label: 'rack', meaning: '' }, { id: 'box', label: 'drying box', meaning: '' }],
  hazards: [{ id: 'solvent', label: 'solvent', meaning: 'air it' }],
  ...more,
})

export const plan = (more: Partial<PlanView> = {}): PlanView => ({
  piece: 4, ticket: 2, version: 7, name: 'The derbies', kind: 'low-shoe/derby', aim: 'freshen', customer: 'Mirela', promisedAt: at(600), promised: true,
  state: 'planned', made: true,
  stale: false, steps: [], refused: [], referrals: [], tellOwner: [], dropped: [], changes: [], faults: [], kit: [], short: [],
  schools: [], exclude: [], readyBy: null,
  byHand: false, handsOnMinutes: 95, elapsedMinutes: 1500, days: [], ...more,
})

export const person = (more: Partial<PersonView> = {}): PersonView => ({
  id: 1, name: 'Ida', role: 'restorer', mayPlan: true, mayOverride: true, mayReceive: more.mayPlan ?? true, works: true, mustChange: false, notes: [], ...more,
})

export const session = (more: Partial<SessionView> = {}): SessionView => ({
  person: person(), csrfToken: 'c', now: at(0), timezone: 'UTC', demo: true, alarm: 'bell', workshop: null, empty: false, ...more,
})

export const seen = (l: number, hex = '#808080'): SeenView => ({ lab: { l, a: 0, b: 0 }, daylight: hex, lamp: `${hex}1`, tube: `${hex}2`, onScreen: true })

export const drop = (code: string, drops: number): DropView => ({
  code, name: code, hex: '#000000', drops, ml: 0, leftMl: 50, portion: { by: 'drops', amount: 0, drops, measured: '', words: `${drops} drops` },
})

export const difference = (dE00: number, words = 'redder'): DifferenceView => ({ dE00, dL: 1.24, dC: -0.51, dH: 0.04, words })

export const pot = (more: Partial<PotView> = {}): PotView => ({
  id: 5, version: 1, name: 'The boot, shaft', state: 'mixing', phase: 'drops',
  place: {
    piece: 4, pieceName: 'The boots', half: 'right', part: 'shaft', partLabel: 'shaft',
  }, target: seen(40), aim: seen(41, '#aa5500'), aimWords: 'A sound place.', finish: 'satin', agreedFinish: 'satin',
  ground: null, now: null, drops: [], recipe: [], due: [], paints: [], total: 0, capacity: 200, dropMl: 0.05, dabs: [], dabbed: false, history: [],
  need: { areaDm2: 0.3, coats: 2, applicator: 'sponge', layMl: 0.6, keepMl: 0.12, drops: 15, dryUm: 12, caution: null }, keptMl: null, keptWhere: '',
  places: ['right shaft'], planned: false, coats: [], capacityMl: 9, leftMl: 0, shortMl: null, goodUntil: null, ...more,
})

export const dab = (more: Partial<DabView> = {}): DabView =>
  ({
    seen: seen(39), difference: difference(2.4), prediction: difference(0.3), drops: 15, at: at(0), verdict: 'A shade too red.', near: false, eye: null,
    ...more,
  })

export const recipe = (more: Partial<RecipeView> = {}): RecipeView => ({
  drops: [drop('straw', 12)], total: 12, ml: 0.6, seen: seen(41), day: 0.4, lamp: 0.6, tube: 0.9, weighted: 0.5, lights: 'Alike in all.', paints: 1,
  cover: 0.82,
  cents: null, short: [], ...more,
})

export const reading = (more: Partial<ReadingView> = {}): ReadingView => ({
  id: 11, half: 'right', part: 'vamp', partLabel: 'vamp', spot: 'sound', spotLabel: 'a sound place', whereabouts: '', gloss: 'satin', source: 'reader',
  sourceLabel: 'read by the reader', seen: seen(41), doubt: 0.3, taken: 3, leftOut: [], measured: true, at: at(0), by: 'Ida', ...more,
})

export const bench = (more: Partial<BenchView> = {}): BenchView => ({
  now: at(0), air: [], calls: [], rack: [], tapes: [], threads: [], dayFrom: at(-60), dayUntil: at(480), late: [], unplanned: [], brushChanges: 0,
  lastAct: null, replanningStillSince: null, notBackedUpSince: null, ...more,
})
