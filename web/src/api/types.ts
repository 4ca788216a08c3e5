// Generated from the PHP views and inputs by `bin/console types:generate`. Do not edit.

export type AccountChange = 'new-password' | 'word-given' | 'second-factor-on' | 'second-factor-off' | 'short-number' | 'elsewhere';

export interface AccountNoteView {
  readonly what: AccountChange;
  readonly device: string;
  readonly at: string;
}

export type Action =
  | 'lay' | 'take-apart' | 'photograph' | 'read-colour' | 'tree' | 'tree-out' | 'dust-off' | 'erase' | 'trial' | 'stitch' | 'bond' | 'unclamp' |
  'straighten-hardware' | 'iron-crease' | 'sand' | 'mask' | 'unmask' | 'rub-off' | 'buff' | 'raise-nap' | 'gate' | 'compare' | 'put-together' | 'shape' |
  'hand-over';

export interface AddPieceInput {
  piece: PieceInput;
  with?: WithPieceInput;
}

export type Advice = 'lay' | 'add' | 'start-again' | 'as-near-as-it-comes';

export interface AgainView {
  readonly id: number;
  readonly version: number;
  readonly title: string;
}

export interface AgreedInput {
  aim: Aim;
  gloss: Gloss;
  patina: Patina;
  newShade?: Shade | null;
}

export interface AgreedView {
  readonly aim: Aim;
  readonly gloss: Gloss;
  readonly patina: Patina;
  readonly newShade: Shade | null;
}

export interface AgreementInput {
  version: number;
  aim: Aim;
  gloss: Gloss;
  patina?: Patina;
  newShade?: Shade | null;
  unwanted?: string;
  valueCents?: number | null;
  replaceCents?: number | null;
}

export type Aim = 'keep' | 'freshen' | 'restore' | 'recolour' | 'ready-fast' | 'work-proof';

export interface AirInput {
  tempC: number;
  humidity: number;
  speedMs?: number;
  place?: DryingPlace | null;
}

export type AirSource = 'instrument' | 'simulated' | 'typed';

export interface AirView {
  readonly place: DryingPlace;
  readonly label: string;
  readonly tempC: number;
  readonly humidity: number;
  readonly speedMs: number;
  readonly source: AirSource;
  readonly at: string;
  readonly said: readonly string[];
}

export type Alarm = 'bell' | 'knock' | 'chime' | 'silent';

export interface AlarmInput {
  alarm: Alarm;
  version: string;
}

export interface AmountInput {
  version: number;
  ml: number;
}

export interface AnswerInput {
  agreed: boolean;
  by: string;
  how?: string;
  strokes?: readonly (readonly (readonly number[])[])[];
}

export type Applicator = 'brush' | 'sponge' | 'cloth' | 'fingers' | 'dauber' | 'airbrush' | 'spray-can' | 'bud' | 'pad' | 'pen' | 'none';

export interface ApplicatorWordView {
  readonly id: Applicator;
  readonly label: string;
  readonly laysPaint: boolean;
  readonly laysDye: boolean;
}

export interface ArchiveView {
  readonly id: number;
  readonly askedAt: string | null;
  readonly by: string;
  readonly isOnItsWay: boolean;
  readonly what: string;
  readonly done: number;
  readonly total: number;
  readonly failure: string | null;
  readonly bytes: number | null;
}

export type Arranged = 'off' | 'taped' | 'held' | 'on-tree' | 'filled-out' | 'laid-flat';

export interface ArrangedView {
  readonly how: Arranged;
  readonly half: Half;
  readonly parts: readonly PartName[];
}

export interface BackView {
  readonly piece: number;
  readonly passport: number;
  readonly name: string;
  readonly fault: string;
  readonly cause: string | null;
  readonly mendedAt: string;
  readonly backAt: string;
}

export interface BeginInput {
  word: string;
  workshop: string;
  address: string;
  reach: string;
  currency: string;
  days: readonly number[];
  shifts: readonly ShiftInput[];
  name: string;
  login: string;
  password: string;
  home?: boolean;
}

export interface BellView {
  readonly at: string;
  readonly words: string;
}

export interface BenchView {
  readonly now: string;
  readonly air: readonly AirView[];
  readonly calls: readonly CallView[];
  readonly rack: readonly RackPieceView[];
  readonly tapes: readonly TapeView[];
  readonly threads: readonly ThreadView[];
  readonly dayFrom: string;
  readonly dayUntil: string;
  readonly late: readonly LateView[];
  readonly unplanned: readonly UnplannedView[];
  readonly brushChanges: number;
  readonly lastAct: LastActView | null;
  readonly replanningStillSince: string | null;
  readonly notBackedUpSince: string | null;
}

export interface BlockView {
  readonly step: number;
  readonly start: string;
  readonly end: string;
  readonly title: string;
  readonly piece: number;
  readonly pieceName: string;
  readonly done: boolean;
}

export interface BuyInput {
  packs?: number;
  amount?: number | null;
  cents?: number | null;
  place?: string;
  batch?: string;
}

export interface CallOffInput {
  pieces: readonly number[];
  what: CalledOff;
  why: string;
}

export interface CallView {
  readonly step: StepView;
  readonly pieceName: string;
  readonly urgency: Urgency;
  readonly closesAt: string | null;
  readonly minutes: number;
  readonly again: AgainView | null;
  readonly goesTo: GoesToView | null;
  readonly shelf: string | null;
  readonly takes: TakesView | null;
  readonly pot: FromPotView | null;
}

export type CalledOff = 'given-back' | 'kept' | 'discarded' | 'never-came';

export interface CameBackInput {
  visit: number;
  fault: Fault;
  cause?: Cause | null;
}

export interface CardFieldView {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly printed: string;
  readonly painted: string;
}

export interface CardFoundView {
  readonly fields: readonly (readonly number[])[];
  readonly printed: boolean;
  readonly doubt: number;
  readonly sentence: string;
}

export interface CardInput {
  longMm: number;
  shortMm: number;
  wasLongMm: number;
  wasShortMm: number;
}

export interface CardView {
  readonly width: number;
  readonly height: number;
  readonly paper: number;
  readonly frame: number;
  readonly fields: readonly CardFieldView[];
}

export interface CareCostView {
  readonly ownMinutes: number;
  readonly materialCents: number | null;
  readonly shopCents: number;
  readonly currency: string;
}

export interface CareDueView {
  readonly kind: CareKind;
  readonly label: string;
  readonly at: string;
  readonly everyDays: number;
  readonly why: string;
  readonly how: string;
  readonly late: boolean;
  readonly isTheShops: boolean;
  readonly minutes: number;
  readonly timesAYear: number;
}

export type CareKind = 'brush' | 'wipe' | 'feed' | 'polish' | 'protect' | 'sole-check' | 'store';

export interface CarePageView {
  readonly workshop: string;
  readonly name: string;
  readonly kind: Kind;
  readonly colours: readonly PartColoursView[];
  readonly leftAt: string | null;
  readonly done: readonly string[];
  readonly shows: readonly string[];
  readonly cares: readonly CareDueView[];
  readonly not: readonly string[];
  readonly afterRain: string;
  readonly storing: string;
}

export interface CareUseInput {
  version: number;
  daysAWeek: number;
  for?: WornFor;
  wet?: boolean;
  salt?: boolean;
  sun?: boolean;
  darkCloth?: boolean;
  storedFrom?: number | null;
}

export interface CareUseView {
  readonly daysAWeek: number;
  readonly for: WornFor;
  readonly wet: boolean;
  readonly salt: boolean;
  readonly sun: boolean;
  readonly darkCloth: boolean;
  readonly storedFrom: number | null;
}

export interface CareWarningView {
  readonly piece: number;
  readonly name: string;
  readonly until: string;
}

export interface CareYearView {
  readonly ownHands: number;
  readonly shop: number;
  readonly kept: number;
  readonly wornOut: number;
  readonly says: string;
}

export interface CaredForInput {
  kind: CareKind;
  on?: string | null;
}

export type Cause =
  | 'fat-below' | 'not-degreased' | 'not-keyed' | 'too-thick' | 'flexed-early' | 'filler-deep' | 'wet-edge-lost' | 'resin-rubbed' | 'uneven-damp' | 'loose-dye'
  | 'bubbles' | 'dust' | 'sprayed-dry' | 'tape-late' | 'tape-open' | 'damp-air' | 'wax-in-cold' | 'other-pot' | 'other-day' | 'thirst' | 'too-much-wax' |
  'cold' | 'over-wet' | 'part-wetted' | 'joined-late';

export interface CauseView {
  readonly cause: Cause;
  readonly label: string;
  readonly share: number;
  readonly sign: string | null;
}

export interface CausesView {
  readonly causes: readonly CauseView[];
  readonly coats: readonly string[];
}

export type Certainty = 'known' | 'likely' | 'guess';

export type Change = 'move' | 'add' | 'drop' | 'swap' | 'coats' | 'hurry' | 'mend' | 'override';

export interface ChangeInput {
  version: number;
  change: Change;
  step?: string | null;
  before?: string | null;
  action?: Action | null;
  family?: FamilyId | null;
  applicator?: Applicator | null;
  places?: readonly PlaceInput[];
  coats?: number | null;
  after?: string | null;
  rule?: string | null;
  reason?: string | null;
}

export interface ChooseInput {
  version: number;
  aim?: Aim | null;
}

export interface CoatStepView {
  readonly coat: number;
  readonly hex: string;
  readonly change: number;
  readonly toOpaque: number;
}

export interface CoatView {
  readonly step: number;
  readonly version: number;
  readonly title: string;
  readonly half: Halves;
  readonly parts: readonly PartName[];
  readonly laidAt: string;
  readonly touchAt: string | null;
  readonly recoatFromAt: string | null;
  readonly recoatUntilAt: string | null;
  readonly nextAt: string | null;
  readonly fullAt: string | null;
  readonly gate: string | null;
  readonly gateAt: string | null;
  readonly gatePassed: boolean;
  readonly warnings: readonly string[];
}

export interface CoatsView {
  readonly ground: string;
  readonly changes: string | null;
  readonly over: string | null;
  readonly groundHex: string;
  readonly applicator: string;
  readonly bare: LadderView;
  readonly based: readonly LadderView[];
  readonly sentence: string;
}

export interface CollectInput {
  pieces: readonly number[];
  by: string;
  paid: Paid;
  amountCents?: number | null;
  how?: string;
  note?: string;
  why?: string | null;
  tray?: readonly TrayInput[];
  strokes?: readonly (readonly (readonly number[])[])[];
}

export type ColourFamily = 'neutral' | 'light' | 'brown' | 'red' | 'dark';

export interface ColourReadView {
  readonly where: string;
  readonly hex: string;
  readonly l: number;
  readonly a: number;
  readonly b: number;
  readonly at: string;
}

export interface ColoursView {
  readonly products: readonly ProductView[];
  readonly swatches: readonly SwatchView[];
}

export type CompareAnswer = 'same' | 'otherwise' | 'stop';

export interface CompareInput {
  version: number;
  answer: CompareAnswer;
  product?: FamilyId | null;
  outcome?: Outcome | null;
  why?: string | null;
  at?: string | null;
}

export interface CompareView {
  readonly school: School;
  readonly label: string;
  readonly usual: string;
  readonly sides: readonly SideView[];
}

export interface ComparedView {
  readonly name: string;
  readonly steps: number;
  readonly foreseenMinutes: number;
  readonly realMinutes: number;
}

export interface CopyInput {
  version: number;
  from: number;
}

export interface CorrectInput {
  customer: string;
  seen: string;
  contact?: string;
  wish?: string;
  pieces?: readonly CorrectPieceInput[];
}

export interface CorrectPieceInput {
  id: number;
  name: string;
  sizeEu?: number | null;
  lengthMm?: number | null;
  kind?: Kind | null;
  shade?: Shade | null;
}

export interface CorrectionView {
  readonly advice: Advice;
  readonly sentence: string;
  readonly additions: readonly DropView[];
  readonly after: SeenView;
  readonly dE00: number;
  readonly restart: RecipeView | null;
}

export type CountBy = 'drops' | 'ml' | 'g';

export interface CsvPreviewView {
  readonly new: number;
  readonly changed: number;
  readonly same: number;
  readonly faulty: number;
  readonly rows: readonly CsvRowView[];
  readonly done: boolean;
}

export type CsvRowKind = 'new' | 'changed' | 'same' | 'faulty';

export interface CsvRowView {
  readonly line: number;
  readonly name: string;
  readonly kind: CsvRowKind;
  readonly says: string;
}

export interface DabInput {
  version: number;
  measured?: readonly (readonly number[])[] | null;
  eye?: Readonly<Record<string, number>> | null;
}

export interface DabView {
  readonly seen: SeenView;
  readonly difference: DifferenceView;
  readonly prediction: DifferenceView;
  readonly drops: number;
  readonly at: string;
  readonly verdict: string;
  readonly near: boolean;
  readonly eye: string | null;
}

export interface DayHoldsView {
  readonly hours: readonly HourHoldsView[];
}

export interface DayHoursInput {
  day: number;
  shifts: readonly ShiftInput[];
}

export interface DayHoursView {
  readonly day: number;
  readonly shifts: readonly ShiftView[];
}

export interface DeclinedView {
  readonly rule: string;
  readonly text: string;
  readonly to: string;
}

export interface DifferenceView {
  readonly dE00: number;
  readonly dL: number;
  readonly dC: number;
  readonly dH: number;
  readonly words: string;
}

export interface DrawDownInput {
  name: string;
  dryUm: number;
  white: readonly number[];
  black: readonly number[];
  overWhite: readonly number[];
  overBlack: readonly number[];
  keep?: boolean;
  leftMl?: number;
}

export interface DropView {
  readonly code: string;
  readonly name: string;
  readonly hex: string;
  readonly drops: number;
  readonly ml: number;
  readonly leftMl: number;
  readonly portion: PortionView;
}

export interface DropsInput {
  code: string;
  drops: number;
}

export type DryingPlace = 'bench' | 'rack' | 'booth' | 'box';

export type Dryness = 'supple' | 'thirsty' | 'stiff' | 'brittle';

export interface DyeChoiceInput {
  parts: readonly PartName[];
  washes: readonly WashInput[];
  applicator?: Applicator;
}

export interface DyeLadderView {
  readonly code: string;
  readonly name: string;
  readonly diluent: string;
  readonly rungs: readonly DyeRungView[];
}

export interface DyeMatchView {
  readonly washes: readonly DyeWashView[];
  readonly sentence: string;
  readonly hex: string;
  readonly dE00: number;
}

export interface DyeRungView {
  readonly thinner: number;
  readonly coats: number;
  readonly hex: string;
  readonly dE00: number;
}

export interface DyeSwatchInput {
  dye: number;
  thinner: number;
  coats: number;
  applicator: Applicator;
  leather: readonly number[];
  dyed: readonly number[];
}

export interface DyeWashView {
  readonly dye: string;
  readonly thinner: number;
  readonly coats: number;
}

export interface DyesView {
  readonly part: PartName;
  readonly ground: SeenView | null;
  readonly target: SeenView | null;
  readonly applicator: Applicator;
  readonly factor: number;
  readonly swatches: number;
  readonly never: string | null;
  readonly matches: readonly DyeMatchView[];
  readonly ladders: readonly DyeLadderView[];
  readonly finish: Gloss;
}

export interface EntryView {
  readonly id: number;
  readonly at: string;
  readonly event: Event;
  readonly person: string;
  readonly piece: number;
  readonly text: string;
  readonly half: Halves | null;
  readonly tempC: number | null;
  readonly humidity: number | null;
  readonly plannedMinutes: number | null;
  readonly realMinutes: number | null;
}

export type Event =
  | 'opened' | 'agreed' | 'offered' | 'supplement' | 'invoiced' | 'planned' | 'started' | 'done' | 'gate-passed' | 'gate-not-yet' | 'look-enough' |
  'look-not-enough' | 'overridden' | 'put-down' | 'again' | 'interrupted' | 'taken-over' | 'spoiled' | 'keyed' | 'promised' | 'finished' | 'colour-read' |
  'compared' | 'pot-laid' | 'collected' | 'called-off' | 'told' | 'corrected' | 'taken-back' | 'noted';

export type EvidenceKind = 'drying' | 'minutes';

export interface EyeScaleView {
  readonly aim: string;
  readonly axes: readonly (readonly EyeStepsView[])[];
}

export interface EyeStepsView {
  readonly off: Off;
  readonly label: string;
  readonly hexes: readonly string[];
}

export type FamilyId =
  | 'brush' | 'damp-cloth' | 'cleaner-neutral' | 'cleaner-cream' | 'soap' | 'wash' | 'foam-cleaner' | 'suede-cleaner' | 'salt-wash' | 'poultice' |
  'solvent-mild' | 'alcohol' | 'deglosser' | 'filler' | 'crack-filler' | 'cement' | 'dye-spirit' | 'dye-water' | 'paint' | 'primer' | 'touch-up' | 'topcoat' |
  'resin' | 'conditioner' | 'conditioner-light' | 'oil' | 'heavy-wax' | 'cream' | 'wax' | 'shine' | 'edge-dressing' | 'grip-safe-protector' | 'repellent' |
  'peroxide' | 'lining-spray';

export type Fault =
  | 'peels' | 'cracks' | 'streaks' | 'rubs-off' | 'pale-specks' | 'craters' | 'orange-peel' | 'ragged-line' | 'haze' | 'darker-half' | 'sticky' | 'tide-line' |
  'opens-again';

export interface FaultView {
  readonly step: string;
  readonly rule: string;
  readonly stops: boolean;
  readonly message: string;
  readonly because: string;
  readonly reason: string | null;
}

export interface FeedMadeView {
  readonly id: number;
  readonly path: string;
}

export interface FeedRowView {
  readonly id: number;
  readonly madeAt: string;
}

export interface FiguresView {
  readonly currency: string;
  readonly months: readonly MonthView[];
  readonly kinds: readonly ComparedView[];
  readonly people: readonly ComparedView[];
  readonly pieces: readonly PieceCostsView[];
  readonly coats: readonly LaidView[];
  readonly waits: readonly WaitsView[];
}

export interface FileInput {
  text: string;
}

export type FindingGroup = 'dirt' | 'salts' | 'residue' | 'colour' | 'surface' | 'build';

export interface FindingInput {
  kind: FindingKind;
  severity: number;
  lengthMm?: number | null;
  widthMm?: number | null;
  depthMm?: number | null;
  share?: number | null;
}

export type FindingKind =
  | 'dust' | 'welt-grit' | 'mud' | 'ground-in-dirt' | 'insects' | 'body-grease' | 'ink' | 'tar' | 'glue' | 'paint-spots' | 'mould' | 'odour' | 'road-salt' |
  'sweat-salt' | 'old-polish' | 'wax-build-up' | 'silicone' | 'wrong-touch-up' | 'faded' | 'patchy' | 'bleached-spot' | 'colour-transfer' | 'yellowed-leather'
  | 'yellowed-rubber' | 'dark-handling' | 'scuff' | 'scratch' | 'gouge' | 'crack' | 'peeling' | 'crease' | 'water-ring' | 'lifted-scales' | 'flat-nap' |
  'heat-mark' | 'brittle' | 'red-rot' | 'open-seam' | 'rotten-thread' | 'sole-parting' | 'edge-worn' | 'lining-torn' | 'stack-dry' | 'stack-split' |
  'buckle-bent' | 'zip-stiff' | 'eyelet-missing' | 'shape-lost' | 'impact';

export interface FindingView {
  readonly id: number;
  readonly half: Half;
  readonly part: PartName;
  readonly kind: FindingKind;
  readonly label: string;
  readonly group: FindingGroup;
  readonly severity: number;
  readonly lengthMm: number | null;
  readonly widthMm: number | null;
  readonly depthMm: number | null;
  readonly share: number | null;
}

export interface FindingWordView {
  readonly id: FindingKind;
  readonly label: string;
  readonly group: FindingGroup;
  readonly hasSize: boolean;
  readonly hasDepth: boolean;
  readonly usualOn: readonly Material[];
  readonly parts: readonly PartName[];
}

export interface FindingsInput {
  version: number;
  places: readonly PlaceInput[];
  findings: readonly FindingInput[];
}

export interface FinishInput {
  version: number;
  finish: Gloss;
}

export interface FirstPairView {
  readonly progress: PieceProgress | null;
  readonly piece: number | null;
  readonly ticket: number | null;
  readonly name: string | null;
}

export interface FitView {
  readonly overWhite: number;
  readonly overBlack: number;
  readonly hidden: number;
  readonly sentence: string;
  readonly good: boolean;
  readonly masstone: SeenView;
}

export interface FixedPriceView {
  readonly job: number;
  readonly name: string;
  readonly price: string;
  readonly done: number;
  readonly earnedAnHour: number | null;
}

export type Flag =
  | 'perforated' | 'contrast-stitching' | 'vents' | 'grip-surface' | 'metal-shank' | 'leather-lined' | 'fur-trim' | 'glued-sole' | 'printed-marks' |
  'irreplaceable';

export interface FollowInput {
  version: number;
  drops: Readonly<Record<string, number>>;
}

export interface ForgetInput {
  version: number;
  part: PartName;
  half: Half;
}

export interface ForwardInput {
  minutes: number;
  me?: boolean;
  busily?: boolean;
}

export interface FoundJobView {
  readonly piece: number;
  readonly passport: number;
  readonly tag: string;
  readonly name: string;
  readonly kind: Kind;
  readonly hex: string;
  readonly customer: string;
  readonly openedAt: string;
  readonly finishedAt: string | null;
  readonly fault: string | null;
  readonly found: readonly string[];
  readonly lines: readonly FoundLineView[];
}

export interface FoundJobsView {
  readonly jobs: readonly FoundJobView[];
  readonly page: number;
  readonly more: boolean;
  readonly people: readonly FoundPersonView[];
}

export interface FoundLineView {
  readonly at: string;
  readonly person: string;
  readonly text: string;
}

export interface FoundPersonView {
  readonly id: number;
  readonly name: string;
}

export interface FreeMinutesView {
  readonly minutes: number;
  readonly blocks: readonly BlockView[];
}

export interface FromPotView {
  readonly pot: number;
  readonly name: string;
  readonly takesMl: number;
  readonly leftMl: number;
  readonly enough: boolean;
}

export interface GateInput {
  version: number;
  answer: string;
  why?: string | null;
  at?: string | null;
}

export type Gloss = 'matt' | 'satin' | 'glow' | 'mirror';

export interface GoesToView {
  readonly name: string;
  readonly at: string;
}

export type Half = 'left' | 'right' | 'whole';

export type Halves = 'left' | 'right' | 'whole' | 'both';

export interface HandOverInput {
  version: number;
  to: number;
}

export interface HandView {
  readonly id: number;
  readonly name: string;
}

export interface HandedOverView {
  readonly pieces: readonly number[];
  readonly by: string;
  readonly at: string;
  readonly path: string;
}

export interface HandsView {
  readonly hands: readonly HandView[];
}

export interface HasInput {
  version: number;
  places: readonly PlaceInput[];
  has: boolean;
}

export type Hazard = 'acid' | 'dust' | 'solvent' | 'flammable' | 'skin' | 'spray' | 'oily-rags' | 'oxidiser';

export interface HealthView {
  readonly status: string;
  readonly database: string;
  readonly processes: readonly ProcessView[];
}

export type HourClock = '12' | '24';

export interface HourHoldsView {
  readonly at: string;
  readonly holds: number;
  readonly rushed: number | null;
}

export interface HoursInput {
  week: readonly DayHoursInput[];
  version: string;
  skills?: readonly Phase[];
}

export interface IdentityInput {
  name: string;
  address: string;
  reach: string;
  clock: HourClock;
  uncollectedDays: number;
  version: string;
  home?: boolean;
}

export interface IdentityView {
  readonly name: string;
  readonly address: string;
  readonly reach: string;
  readonly clock: HourClock;
  readonly uncollectedDays: number;
  readonly home: boolean;
}

export interface IntakeInput {
  ticket: TicketInput;
  with?: readonly WithPieceInput[];
}

export interface InvoiceView {
  readonly id: number;
  readonly number: number;
  readonly ticket: number;
  readonly customer: string;
  readonly currency: string;
  readonly at: string;
  readonly lines: readonly LineView[];
  readonly netCents: number;
  readonly taxCents: number;
  readonly taxPercent: string;
  readonly grossCents: number;
  readonly paidAt: string | null;
  readonly how: string;
}

export interface InvoicesView {
  readonly invoices: readonly InvoiceView[];
}

export interface JoinInput {
  version: number;
  other: number;
}

export interface KeepInput {
  version: number;
  ml: number;
  where?: string;
}

export interface KeptHereView {
  readonly passport: number;
  readonly piece: string;
  readonly owner: number;
  readonly ownerName: string;
  readonly where: string;
  readonly until: string | null;
  readonly over: boolean;
}

export type Kind =
  | 'low-shoe/oxford' | 'low-shoe/derby' | 'low-shoe/loafer' | 'low-shoe/monk' | 'low-shoe/court' | 'low-shoe/brogue' | 'low-shoe/dance-shoe' | 'boot/ankle' |
  'boot/lace' | 'boot/chelsea' | 'boot/western' | 'boot/work' | 'boot/field' | 'tall-boot/riding' | 'tall-boot/dress' | 'trainer/court' | 'trainer/running' |
  'trainer/skate' | 'trainer/high-top' | 'bag/satchel' | 'bag/tote' | 'bag/shoulder' | 'bag/clutch' | 'bag/doctors' | 'bag/case' | 'bag/wallet' |
  'garment/jacket' | 'garment/coat' | 'garment/trousers' | 'garment/skirt' | 'garment/apron' | 'garment/gloves' | 'garment/one-piece-suit' |
  'small-goods/belt' | 'small-goods/strap' | 'small-goods/holster' | 'small-goods/harness' | 'small-goods/instrument-strap' | 'small-goods/book-cover';

export interface KindView {
  readonly id: Kind;
  readonly label: string;
  readonly family: PieceFamily;
  readonly halves: readonly Half[];
  readonly parts: readonly PartWordView[];
  readonly outer: string;
  readonly goesBySize: boolean;
  readonly usualLengthMm: number | null;
}

export interface LabView {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

export interface LadderView {
  readonly baseCoats: number;
  readonly base: string;
  readonly coats: number | null;
  readonly dryUm: number;
  readonly steps: readonly CoatStepView[];
  readonly cracks: boolean;
}

export interface LaidView {
  readonly product: string;
  readonly times: number;
  readonly amount: number;
  readonly unit: string;
}

export interface LastActView {
  readonly step: number;
  readonly version: number;
  readonly title: string;
  readonly pieceName: string;
  readonly event: Event;
  readonly at: string;
}

export interface LateView {
  readonly piece: number;
  readonly ticket: number;
  readonly name: string;
  readonly customer: string;
  readonly promisedAt: string;
  readonly endsAt: string | null;
}

export interface LayInput {
  version: number;
  coats: number;
  spot?: ReadSpot;
  half?: Half | null;
  part?: PartName | null;
}

export interface LearnedView {
  readonly kind: EvidenceKind;
  readonly what: string;
  readonly label: string;
  readonly factor: number;
  readonly evidence: number;
  readonly seen: readonly number[];
}

export interface LeavingPieceView {
  readonly piece: number;
  readonly off: readonly OffView[];
  readonly toKnow: readonly string[];
  readonly missing: readonly string[];
  readonly curesUntil: string | null;
}

export interface LeavingView {
  readonly ticket: TicketView;
  readonly pieces: readonly LeavingPieceView[];
  readonly warnings: readonly CareWarningView[];
  readonly gone: readonly HandedOverView[];
}

export interface LedgerPieceView {
  readonly id: number;
  readonly name: string;
  readonly customer: string;
  readonly kind: Kind;
  readonly finishedAt: string | null;
  readonly hex: string;
}

export interface LedgerView {
  readonly pieces: readonly LedgerPieceView[];
  readonly piece: number | null;
  readonly entries: readonly EntryView[];
  readonly plannedMinutes: number;
  readonly realMinutes: number;
}

export interface LeftInput {
  grossG?: number | null;
  left?: number | null;
  emptyG?: number | null;
}

export interface LikeJobView {
  readonly piece: number;
  readonly name: string;
  readonly kind: Kind;
  readonly aim: Aim;
  readonly likeness: number;
  readonly found: readonly string[];
  readonly done: readonly string[];
  readonly minutes: number;
  readonly finishedAt: string;
}

export interface LikeJobsView {
  readonly jobs: readonly LikeJobView[];
}

export interface LineView {
  readonly what: string;
  readonly cents: number;
}

export interface LookInput {
  what: string;
  piece?: number | null;
  half?: Half | null;
  part?: PartName | null;
  spot?: ReadSpot;
  pot?: number | null;
  swatch?: number | null;
  card?: string | null;
  product?: number | null;
  dryUm?: number | null;
  thinner?: number | null;
  coats?: number | null;
  applicator?: string | null;
}

export type LotMoveKind = 'bought' | 'step' | 'pot' | 'taken' | 'settled' | 'thrown';

export interface LotSheetView {
  readonly lot: LotView;
  readonly moves: readonly MoveView[];
}

export interface LotView {
  readonly id: number;
  readonly product: number;
  readonly name: string;
  readonly unit: Unit;
  readonly amount: number;
  readonly left: number;
  readonly boughtAt: string;
  readonly openedAt: string | null;
  readonly emptiedAt: string | null;
  readonly goodUntil: string | null;
  readonly old: boolean;
  readonly place: string;
  readonly batch: string;
  readonly cents: number | null;
}

export interface LotsView {
  readonly lots: readonly LotView[];
}

export interface MadeOfView {
  readonly parts: string;
  readonly material: string;
  readonly certainty: string;
  readonly shownBy: string | null;
  readonly measuredDm2: number | null;
}

export type Material =
  | 'aniline' | 'semi-aniline' | 'pigmented' | 'waxy' | 'burnished' | 'veg-tan' | 'patent' | 'embossed' | 'suede' | 'nubuck' | 'rough-out' | 'reptile-matt' |
  'reptile-glazed' | 'sheep-nappa' | 'racing-hide' | 'coated-canvas' | 'synthetic' | 'textile' | 'rubber' | 'foam' | 'leather-stack' | 'leather-edge' |
  'bare-welt' | 'plastic-stack' | 'metal';

export interface MaterialWordView {
  readonly id: Material;
  readonly label: string;
  readonly meaning: string;
  readonly upper: boolean;
}

export interface MayDarkenView {
  readonly step: number;
  readonly title: string;
  readonly family: FamilyId;
  readonly laidAt: string;
  readonly places: readonly PotPartView[];
}

export type Meaning = 'none' | 'some' | 'dear' | 'heirloom';

export interface MeasureDropsInput {
  version: number;
  mlOfTwenty: number;
}

export interface MeasureInput {
  version: number;
  picture: number;
  card: readonly (readonly number[])[];
  outline: readonly (readonly number[])[];
  part?: PartName | null;
  half?: Half | null;
  finding?: number | null;
}

export interface MeasureView {
  readonly piece: number;
  readonly version: number;
  readonly name: string;
  readonly cardMm: readonly number[];
  readonly parts: readonly PartAreaView[];
  readonly findings: readonly MeasuredMarkView[];
}

export interface MeasuredMarkView {
  readonly id: number;
  readonly label: string;
  readonly lengthMm: number | null;
  readonly widthMm: number | null;
}

export interface MeasuredView {
  readonly areaDm2: number | null;
  readonly lengthMm: number;
  readonly longMm: number | null;
  readonly wideMm: number | null;
  readonly tiltDeg: number;
  readonly caution: string | null;
  readonly says: string;
}

export interface MeasurementView {
  readonly values: readonly number[];
  readonly seen: SeenView;
}

export type MessageState = 'waiting' | 'sending' | 'sent' | 'failed' | 'stopped';

export interface MessageTextInput {
  subject: string;
  text: string;
}

export interface MessageTextView {
  readonly occasion: Occasion;
  readonly subject: string;
  readonly text: string;
  readonly fields: readonly string[];
}

export interface MessageView {
  readonly id: number;
  readonly version: number;
  readonly owner: number;
  readonly ownerName: string;
  readonly occasion: Occasion;
  readonly by: ReachedBy;
  readonly to: string;
  readonly subject: string;
  readonly body: string;
  readonly state: MessageState;
  readonly writtenAt: string;
  readonly writtenBy: string;
  readonly notBefore: string;
  readonly tries: number;
  readonly failure: string;
  readonly endedAt: string | null;
}

export interface MessagesView {
  readonly messages: readonly MessageView[];
  readonly page: number;
  readonly more: boolean;
  readonly simulated: boolean;
  readonly letters: number;
  readonly calls: number;
  readonly failed: number;
}

export interface MinutesInput {
  version: number;
  minutes: number;
  why?: string | null;
}

export interface MissingHoursView {
  readonly from: string | null;
  readonly steps: number;
  readonly minutes: number;
  readonly why: readonly string[];
}

export interface MissingPictureView {
  readonly half: Half;
  readonly side: Side;
  readonly label: string;
}

export type Moment = 'before' | 'during' | 'after' | 'owners';

export interface MonthView {
  readonly month: string;
  readonly foreseenMinutes: number;
  readonly realMinutes: number;
  readonly pieces: number;
  readonly offeredCents: number;
  readonly costCents: number;
  readonly promised: number;
  readonly kept: number;
  readonly back: number;
}

export interface MoveInput {
  place: DryingPlace;
}

export interface MoveView {
  readonly id: number;
  readonly kind: LotMoveKind;
  readonly amount: number;
  readonly unit: Unit;
  readonly at: string;
  readonly by: string | null;
  readonly lot: number | null;
  readonly product: number;
  readonly productName: string;
  readonly piece: number | null;
  readonly pieceName: string | null;
  readonly step: number | null;
  readonly what: string;
  readonly note: string;
}

export interface NewColourInput {
  shade: Shade;
  parts?: readonly PartName[];
}

export interface NewPasswordInput {
  password: string;
  was?: string;
}

export interface NoteInput {
  text: string;
  step?: number | null;
  part?: PartName | null;
  half?: Half | null;
}

export type Occasion = 'care' | 'ready' | 'late';

export interface OddsView {
  readonly material: Material;
  readonly odds: number;
}

export type Off = 'lighter' | 'deeper' | 'redder' | 'greener' | 'yellower' | 'bluer' | 'cleaner' | 'dirtier';

export interface OffInput {
  version: number;
  part: PartName;
  half: Half;
  off: boolean;
}

export interface OffView {
  readonly part: PartName;
  readonly half: Half;
  readonly label: string;
}

export interface OfferInput {
  version: number;
  replaceCents?: number | null;
  meaning?: Meaning;
}

export interface OfferView {
  readonly piece: number;
  readonly ticket: number;
  readonly version: number;
  readonly name: string;
  readonly customer: string;
  readonly aim: Aim;
  readonly currency: string;
  readonly id: number | null;
  readonly at: string | null;
  readonly by: string | null;
  readonly outdated: boolean;
  readonly otherTerms: boolean;
  readonly replaceCents: number | null;
  readonly meaning: Meaning;
  readonly ways: readonly WayView[];
  readonly leave: readonly string[];
  readonly chosen: Aim | null;
  readonly left: boolean;
  readonly chosenAt: string | null;
  readonly supplements: readonly SupplementView[];
}

export type OldListColumn =
  | 'owner' | 'first-name' | 'email' | 'phone' | 'address' | 'notes' | 'piece' | 'kind' | 'size' | 'colour' | 'came-in' | 'went-home' | 'done';

export interface OldListColumnView {
  readonly head: string;
  readonly is: OldListColumn | null;
  readonly samples: readonly string[];
}

export interface OldListRowView {
  readonly line: number;
  readonly name: string;
  readonly says: string;
  readonly isFaulty: boolean;
}

export interface OldListView {
  readonly columns: readonly OldListColumnView[];
  readonly newOwners: number;
  readonly knownOwners: number;
  readonly newVisits: number;
  readonly knownVisits: number;
  readonly faulty: number;
  readonly rows: readonly OldListRowView[];
  readonly done: boolean;
}

export interface OnPieceView {
  readonly piece: number;
  readonly name: string;
  readonly moves: readonly MoveView[];
}

export interface OnTheWayView {
  readonly id: number;
  readonly product: number;
  readonly name: string;
  readonly supplier: string;
  readonly packs: number;
  readonly pack: number;
  readonly unit: Unit;
  readonly orderedAt: string;
  readonly orderedBy: string;
  readonly expectedAt: string;
  readonly late: boolean;
}

export interface OrderInput {
  product: number;
  packs: number;
}

export interface OrderLineView {
  readonly product: number;
  readonly name: string;
  readonly supplier: string;
  readonly packs: number;
  readonly pack: number;
  readonly unit: Unit;
  readonly cents: number | null;
  readonly leadDays: number;
  readonly left: number;
  readonly reserved: number;
  readonly why: string;
}

export interface OrdersView {
  readonly toOrder: readonly OrderLineView[];
  readonly onTheWay: readonly OnTheWayView[];
}

export interface OtherDayInput {
  day: string;
  person?: number | null;
  shifts?: readonly ShiftInput[];
  why?: string;
}

export interface OtherDayView {
  readonly id: number;
  readonly day: string;
  readonly person: string | null;
  readonly shifts: readonly ShiftView[];
  readonly why: string;
}

export type Outcome =
  | 'absorbs-at-once' | 'absorbs-slowly' | 'beads' | 'colour-off-dry' | 'colour-off-damp' | 'clean' | 'marks' | 'marks-warm-away' | 'no-mark' | 'film-softens' |
  'colour-lifts' | 'no-change' | 'darkens' | 'darkens-returns' | 'dulls' | 'coloured-through' | 'skin-on-core' | 'melts' | 'chars' | 'real-stack' |
  'printed-skin' | 'pores' | 'print' | 'film' | 'glassy' | 'nap' | 'velvet' | 'scales' | 'weave' | 'cloth-core' | 'undyed';

export interface OwnView {
  readonly login: string;
  readonly name: string;
  readonly role: Role;
  readonly hasPin: boolean;
  readonly hasSecondFactor: boolean;
  readonly signIns: readonly SignInView[];
}

export interface OwnerDetailsInput {
  version: number;
  name: string;
  ways?: readonly ReachInput[];
  likes?: ReachedBy | null;
  language?: string;
  notes?: string;
  mayKeepPictures?: boolean;
  mayRemind?: boolean;
}

export interface OwnerDetailsView {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly ways: readonly ReachView[];
  readonly likes: ReachedBy | null;
  readonly language: string;
  readonly notes: string;
  readonly mayKeepPictures: boolean;
  readonly mayRemind: boolean;
  readonly since: string;
  readonly erased: boolean;
  readonly pieces: readonly PassportRowView[];
  readonly alike: readonly OwnerRowView[];
}

export interface OwnerListView {
  readonly owners: readonly OwnerRowView[];
  readonly page: number;
  readonly more: boolean;
}

export interface OwnerPageView {
  readonly piece: number;
  readonly version: number;
  readonly gone: readonly string[];
  readonly softer: readonly string[];
  readonly stays: readonly string[];
  readonly risks: readonly string[];
  readonly declined: readonly DeclinedView[];
  readonly price: string | null;
  readonly signed: SignedView | null;
}

export interface OwnerPieceView {
  readonly id: number;
  readonly tag: string;
  readonly name: string;
  readonly kind: Kind;
  readonly sizeEu: number | null;
  readonly lengthMm: number | null;
  readonly shade: Shade;
  readonly aim: Aim;
  readonly gloss: Gloss;
}

export interface OwnerRowView {
  readonly id: number;
  readonly name: string;
  readonly contact: string;
  readonly pieces: number;
  readonly here: number;
  readonly lastAt: string;
}

export interface OwnerView {
  readonly id: number;
  readonly customer: string;
  readonly contact: string;
  readonly lastAt: string;
  readonly pieces: readonly OwnerPieceView[];
}

export interface OwnersView {
  readonly owners: readonly OwnerView[];
}

export type Paid = 'now' | 'before' | 'later' | 'nothing';

export interface PaidInput {
  paid: boolean;
  how?: string;
}

export interface PairView {
  readonly one: number;
  readonly other: number;
  readonly what: string;
  readonly limit: number | null;
  readonly difference: DifferenceView;
  readonly verdict: string;
  readonly near: boolean;
}

export interface PartAgreementInput {
  version: number;
  places: readonly PlaceInput[];
  agreed?: AgreedInput | null;
}

export interface PartAreaView {
  readonly part: PartName;
  readonly half: Half;
  readonly label: string;
  readonly dm2: number;
  readonly measured: boolean;
  readonly picture: number | null;
  readonly outline: readonly (readonly number[])[];
}

export interface PartColoursView {
  readonly half: Half;
  readonly hex: string;
  readonly parts: readonly PartName[];
}

export type PartName =
  | 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' |
  'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' |
  'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' |
  'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' |
  'laces' | 'stitching' | 'hooks';

export interface PartView {
  readonly half: Half;
  readonly part: PartName;
  readonly material: Material;
  readonly certainty: Certainty;
  readonly dryness: Dryness;
  readonly shade: Shade;
  readonly hex: string;
  readonly flags: readonly Flag[];
  readonly wishes: readonly Wish[];
  readonly mayWish: readonly Wish[];
  readonly areaDm2: number | null;
  readonly agreed: AgreedView | null;
  readonly off: boolean;
  readonly overruled: boolean;
  readonly odds: readonly OddsView[];
  readonly nextTrial: Trial | null;
  readonly contradictions: readonly string[];
}

export interface PartWordView {
  readonly id: PartName;
  readonly label: string;
  readonly materials: readonly Material[];
  readonly outer: boolean;
  readonly detachable: boolean;
  readonly plural: boolean;
  readonly usual: boolean;
}

export interface PartsInput {
  version: number;
  places: readonly PlaceInput[];
  material?: Material | null;
  certainty?: Certainty | null;
  dryness?: Dryness | null;
  shade?: Shade | null;
  flags?: readonly Flag[] | null;
  areaDm2?: number | null;
  wishes?: readonly Wish[] | null;
}

export interface PassportRowView {
  readonly id: number;
  readonly name: string;
  readonly kind: Kind;
  readonly hex: string;
  readonly visits: number;
  readonly lastAt: string;
  readonly here: boolean;
  readonly care: string | null;
  readonly careAt: string | null;
}

export interface PassportView {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly kind: Kind;
  readonly owner: number;
  readonly ownerName: string;
  readonly code: string;
  readonly since: string;
  readonly colours: readonly PartColoursView[];
  readonly made: readonly MadeOfView[];
  readonly visits: readonly VisitView[];
  readonly use: CareUseView | null;
  readonly cares: readonly CareDueView[];
  readonly careCost: CareCostView;
  readonly read: readonly ColourReadView[];
  readonly pots: readonly PotRowView[];
  readonly address: string | null;
  readonly storedAt: string;
  readonly storedUntil: string | null;
}

export interface PastPieceView {
  readonly id: number;
  readonly name: string;
  readonly tag: string;
}

export type Patina = 'keep' | 'soften' | 'remove';

export interface PersonInput {
  name: string;
  login: string;
  role: Role;
  version?: number;
}

export interface PersonView {
  readonly id: number;
  readonly name: string;
  readonly role: Role;
  readonly mayPlan: boolean;
  readonly mayOverride: boolean;
  readonly mayReceive: boolean;
  readonly works: boolean;
  readonly mustChange: boolean;
  readonly notes: readonly AccountNoteView[];
}

export type Phase =
  | 'take-apart' | 'record' | 'dry-clean' | 'trial' | 'clean' | 'repair' | 'strip' | 'fill' | 'degrease' | 'mask' | 'base' | 'colour' | 'seal' | 'unmask' |
  'condition' | 'polish' | 'edges' | 'protect' | 'put-together' | 'shape' | 'hand-over';

export interface PictureColourInput {
  at: readonly number[];
  grey?: readonly number[] | null;
  card?: readonly (readonly number[])[];
  printed?: boolean;
}

export interface PictureColourView {
  readonly lab: LabView;
  readonly hex: string;
  readonly doubt: number;
  readonly sentence: string;
}

export interface PictureInput {
  moment: Moment;
  half?: Half | null;
  part?: PartName | null;
  side?: Side | null;
}

export interface PictureView {
  readonly id: number;
  readonly moment: Moment;
  readonly half: Half | null;
  readonly part: PartName | null;
  readonly side: Side | null;
  readonly width: number;
  readonly height: number;
  readonly thumb: string;
  readonly full: string;
  readonly at: string;
}

export interface PicturesView {
  readonly piece: number;
  readonly pictures: readonly PictureView[];
  readonly missing: readonly MissingPictureView[];
}

export interface PieceColourView {
  readonly piece: number;
  readonly name: string;
  readonly kind: Kind;
  readonly customer: string;
  readonly gloss: Gloss;
  readonly readings: readonly ReadingView[];
  readonly pairs: readonly PairView[];
  readonly pots: readonly PotRowView[];
  readonly areas: Readonly<Record<string, number>>;
  readonly planned: readonly PlannedColourView[];
  readonly outer: readonly PartName[];
  readonly settlings: readonly SettlingView[];
  readonly mayDarken: readonly MayDarkenView[];
}

export interface PieceCostsView {
  readonly piece: number;
  readonly name: string;
  readonly at: string;
  readonly foreseenMinutes: number;
  readonly realMinutes: number;
  readonly offeredCents: number;
  readonly workCents: number;
  readonly materialCents: number;
  readonly marginCents: number;
}

export type PieceFamily = 'low-shoe' | 'boot' | 'tall-boot' | 'trainer' | 'bag' | 'garment' | 'small-goods';

export interface PieceInput {
  name: string;
  kind: Kind;
  aim: Aim;
  sizeEu?: number | null;
  lengthMm?: number | null;
  gloss?: Gloss;
  shade?: Shade;
}

export type PieceProgress = 'to-look-over' | 'to-plan' | 'referred' | 'planned' | 'in-work' | 'ready' | 'collected' | 'called-off';

export interface PieceRowView {
  readonly id: number;
  readonly tag: string;
  readonly name: string;
  readonly kind: Kind;
  readonly aim: Aim;
  readonly state: PieceProgress;
  readonly hasPlan: boolean;
  readonly stepsDone: number;
  readonly stepsAll: number;
  readonly colours: readonly PartColoursView[];
  readonly readyAt: string | null;
  readonly shelf: string;
  readonly sizeEu: number | null;
  readonly lengthMm: number | null;
}

export interface PieceTakenView {
  readonly passport: number;
  readonly visits: number;
}

export interface PieceView {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly kind: Kind;
  readonly sizeEu: number | null;
  readonly lengthMm: number | null;
  readonly aim: Aim;
  readonly gloss: Gloss;
  readonly patina: Patina;
  readonly newShade: Shade | null;
  readonly unwanted: string;
  readonly valueCents: number | null;
  readonly replaceCents: number | null;
  readonly state: PieceProgress;
  readonly hasPlan: boolean;
  readonly ticket: number;
  readonly tag: string;
  readonly customer: string;
  readonly wish: string;
  readonly promisedAt: string;
  readonly promised: boolean;
  readonly parts: readonly PartView[];
  readonly findings: readonly FindingView[];
  readonly trials: readonly TrialView[];
  readonly differences: readonly string[];
  readonly past: readonly PastPieceView[];
}

export interface PinInput {
  pin: string | null;
}

export interface PlaceInput {
  part: PartName;
  half: Half;
}

export interface PlaceOnShelfInput {
  place: string;
}

export interface PlanDayView {
  readonly from: string;
  readonly until: string;
  readonly minutes: number;
  readonly steps: readonly number[];
}

export interface PlanInput {
  version: number;
  schools?: Readonly<Record<string, string | null>> | null;
  exclude?: readonly string[] | null;
  readyBy?: string | null;
}

export interface PlanView {
  readonly piece: number;
  readonly ticket: number;
  readonly version: number;
  readonly name: string;
  readonly kind: Kind;
  readonly aim: Aim;
  readonly customer: string;
  readonly promisedAt: string;
  readonly promised: boolean;
  readonly state: PieceProgress;
  readonly made: boolean;
  readonly stale: boolean;
  readonly steps: readonly StepView[];
  readonly refused: readonly RefusedView[];
  readonly referrals: readonly RemarkView[];
  readonly tellOwner: readonly RemarkView[];
  readonly dropped: readonly RemarkView[];
  readonly changes: readonly RemarkView[];
  readonly faults: readonly FaultView[];
  readonly kit: readonly string[];
  readonly short: readonly ShortView[];
  readonly schools: readonly SchoolView[];
  readonly exclude: readonly (FamilyId | Hazard)[];
  readonly readyBy: string | null;
  readonly byHand: boolean;
  readonly handsOnMinutes: number;
  readonly elapsedMinutes: number;
  readonly days: readonly PlanDayView[];
}

export interface PlannedColourView {
  readonly places: readonly PotPartView[];
  readonly words: string;
  readonly coats: number;
  readonly ml: number;
}

export interface PortionInput {
  code: string;
  by: CountBy;
  amount: number;
  drops?: number;
}

export interface PortionView {
  readonly by: CountBy;
  readonly amount: number;
  readonly drops: number;
  readonly measured: string;
  readonly words: string;
}

export interface PotCoatView {
  readonly step: number;
  readonly title: string;
  readonly done: boolean;
  readonly ml: number;
}

export type PotEventKind = 'opened' | 'chosen' | 'dropped' | 'dabbed' | 'laid' | 'kept' | 'poured' | 'changed';

export interface PotInput {
  name: string;
  target: number;
  ground?: number | null;
  finish?: Gloss;
  applicator?: Applicator;
  coats?: number;
  areaDm2?: number;
  places?: readonly PlaceInput[];
  planned?: boolean;
}

export interface PotLabelView {
  readonly customer: string;
  readonly finish: string;
  readonly places: string;
  readonly lots: readonly string[];
}

export interface PotLineView {
  readonly at: string;
  readonly person: string;
  readonly text: string;
  readonly kind: PotEventKind;
}

export interface PotLookView {
  readonly seen: SeenView;
  readonly off: DifferenceView;
  readonly day: number;
  readonly lamp: number;
  readonly tube: number;
  readonly lights: string;
}

export interface PotNameInput {
  version: number;
  name: string;
}

export interface PotNeedView {
  readonly areaDm2: number;
  readonly coats: number;
  readonly applicator: string;
  readonly layMl: number;
  readonly keepMl: number;
  readonly drops: number;
  readonly dryUm: number;
  readonly caution: string | null;
}

export interface PotPartView {
  readonly half: Half;
  readonly part: PartName;
}

export type PotPhase = 'recipe' | 'drops' | 'dab' | 'correct' | 'lay' | 'closed';

export interface PotPlaceView {
  readonly piece: number;
  readonly pieceName: string;
  readonly half: Half;
  readonly part: PartName;
  readonly partLabel: string;
}

export interface PotRowView {
  readonly id: number;
  readonly name: string;
  readonly piece: number;
  readonly pieceName: string;
  readonly customer: string;
  readonly state: PotState;
  readonly target: string;
  readonly mixed: string | null;
  readonly recipe: string;
  readonly drops: number;
  readonly keptMl: number | null;
  readonly keptWhere: string;
  readonly at: string;
  readonly near: number | null;
}

export type PotState = 'mixing' | 'kept' | 'empty';

export interface PotView {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly state: PotState;
  readonly phase: PotPhase;
  readonly place: PotPlaceView;
  readonly target: SeenView;
  readonly aim: SeenView;
  readonly aimWords: string;
  readonly finish: Gloss;
  readonly agreedFinish: Gloss;
  readonly ground: SeenView | null;
  readonly now: PotLookView | null;
  readonly drops: readonly DropView[];
  readonly recipe: readonly DropView[];
  readonly due: readonly DropView[];
  readonly paints: readonly DropView[];
  readonly total: number;
  readonly capacity: number;
  readonly dropMl: number;
  readonly dabs: readonly DabView[];
  readonly dabbed: boolean;
  readonly history: readonly PotLineView[];
  readonly need: PotNeedView;
  readonly keptMl: number | null;
  readonly keptWhere: string;
  readonly places: readonly string[];
  readonly planned: boolean;
  readonly coats: readonly PotCoatView[];
  readonly capacityMl: number;
  readonly leftMl: number;
  readonly shortMl: number | null;
  readonly goodUntil: string | null;
}

export interface PotsView {
  readonly pots: readonly PotRowView[];
}

export interface PourInput {
  version: number;
  from: number;
  share?: number;
}

export interface PreviewView {
  readonly subject: string;
  readonly body: string;
}

export interface PriceTermsInput {
  currency: string;
  rate: string;
  byPerson: boolean;
  kinds: Readonly<Record<string, string>>;
  people: Readonly<Record<string, string>>;
  markup: string;
  waste: string;
  overhead: string;
  consumables: string;
  minimum: string;
  rush: string;
  tax: string;
  roundTo: string;
  fixed: Readonly<Record<string, string>>;
  seen: number;
}

export interface PriceTermsView {
  readonly seen: number;
  readonly currency: string;
  readonly rate: string;
  readonly byPerson: boolean;
  readonly kinds: readonly RateView[];
  readonly people: readonly RateView[];
  readonly markup: string;
  readonly waste: string;
  readonly overhead: string;
  readonly consumables: string;
  readonly minimum: string;
  readonly rush: string;
  readonly tax: string;
  readonly roundTo: string;
  readonly fixed: readonly FixedPriceView[];
  readonly history: readonly TermsAgoView[];
}

export interface ProcessView {
  readonly name: string;
  readonly state: string;
  readonly starts: number;
  readonly since: string | null;
  readonly stillSince: string | null;
}

export interface ProductInput {
  name: string;
  family?: FamilyId | null;
  shade?: Shade | null;
  unit?: Unit;
  pack?: number;
  packCents?: number | null;
  supplier?: string;
  leadDays?: number;
  densityGPerMl?: number;
  emptyPackG?: number | null;
  water?: number | null;
  notOn?: string;
  openedMonths?: number | null;
  retired?: boolean;
  version?: number;
}

export type ProductKind = 'paint' | 'dye' | 'binder' | 'plain';

export interface ProductRowView {
  readonly id: number;
  readonly name: string;
  readonly family: FamilyId | null;
  readonly phase: Phase | null;
  readonly kind: ProductKind;
  readonly hex: string | null;
  readonly unit: Unit;
  readonly pack: number;
  readonly left: number;
  readonly reserved: number;
  readonly lots: number;
  readonly state: StockState;
  readonly says: string | null;
  readonly order: number;
  readonly ordered: number;
  readonly supplier: string;
  readonly retired: boolean;
}

export interface ProductSheetView {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly kind: ProductKind;
  readonly family: FamilyId | null;
  readonly shade: Shade | null;
  readonly unit: Unit;
  readonly pack: number;
  readonly packCents: number | null;
  readonly supplier: string;
  readonly leadDays: number;
  readonly densityGPerMl: number;
  readonly emptyPackG: number | null;
  readonly water: number | null;
  readonly notOn: string;
  readonly openedMonths: number | null;
  readonly keepsMonths: number;
  readonly hasSheet: boolean;
  readonly retired: boolean;
  readonly left: number;
  readonly reserved: number;
  readonly perMonth: number;
  readonly usualJob: number;
  readonly orderBelow: number;
  readonly order: number;
  readonly says: string | null;
  readonly lots: readonly LotView[];
  readonly moves: readonly MoveView[];
}

export interface ProductView {
  readonly id: number;
  readonly code: string;
  readonly name: string;
  readonly kind: ProductKind;
  readonly lab: LabView;
  readonly hex: string;
  readonly tint: string;
  readonly undertone: string;
  readonly cover: number;
  readonly leftMl: number;
  readonly centsPer100Ml: number | null;
  readonly diluent: string | null;
  readonly origin: string;
  readonly madeUp: boolean;
}

export interface PromiseInput {
  promisedAt: string;
  was: string;
  rush?: boolean;
}

export interface PromiseView {
  readonly ticket: number;
  readonly customer: string;
  readonly promisedAt: string;
  readonly promised: boolean;
  readonly rush: boolean;
  readonly holds: number | null;
  readonly certain: string | null;
  readonly even: string | null;
  readonly rushed: string | null;
  readonly pushed: readonly PushedView[];
  readonly unseen: readonly string[];
  readonly tooMuch: boolean;
  readonly played: number;
  readonly outOf: number;
  readonly sharpens: boolean;
  readonly missing: MissingHoursView | null;
  readonly stepsLeft: number;
  readonly minutesLeft: number;
  readonly days: readonly DayHoldsView[];
  readonly short: readonly ShortView[];
  readonly aloud: readonly string[];
}

export interface PushedView {
  readonly piece: number;
  readonly name: string;
  readonly customer: string;
  readonly promisedAt: string;
  readonly was: string | null;
  readonly becomes: string | null;
  readonly breaks: boolean;
}

export interface QuestionView {
  readonly half: Half;
  readonly part: PartName;
  readonly plans: number;
  readonly trial: Trial | null;
  readonly text: string;
}

export interface QuestionsView {
  readonly questions: readonly QuestionView[];
}

export interface RackPieceView {
  readonly piece: number;
  readonly name: string;
  readonly customer: string;
  readonly kind: Kind;
  readonly place: DryingPlace;
  readonly promisedAt: string;
  readonly promised: boolean;
  readonly stepsDone: number;
  readonly stepsAll: number;
  readonly colours: readonly PartColoursView[];
  readonly coats: readonly CoatView[];
  readonly atWork: readonly string[];
  readonly opensAt: string | null;
  readonly closesAt: string | null;
  readonly next: string | null;
  readonly standing: Standing | null;
  readonly bells: readonly BellView[];
  readonly arranged: readonly ArrangedView[];
}

export interface RangeTakenView {
  readonly added: number;
  readonly known: number;
}

export interface RateView {
  readonly id: string;
  readonly name: string;
  readonly rate: string;
}

export interface ReachInput {
  by: ReachedBy;
  at: string;
}

export interface ReachView {
  readonly by: ReachedBy;
  readonly at: string;
}

export type ReachedBy = 'email' | 'phone' | 'post' | 'other';

export type ReadSpot = 'sound' | 'damage' | 'wanted' | 'settling';

export interface ReadingInput {
  half: Half;
  part: PartName;
  spot: ReadSpot;
  source: ReadingSource;
  measured?: readonly (readonly number[])[];
  labs?: readonly (readonly number[])[];
  gloss?: Gloss;
  whereabouts?: string;
  doubt?: number | null;
}

export type ReadingSource = 'reader' | 'picture' | 'typed' | 'file' | 'swatch' | 'like' | 'pot' | 'family';

export interface ReadingView {
  readonly id: number;
  readonly half: Half;
  readonly part: PartName;
  readonly partLabel: string;
  readonly spot: ReadSpot;
  readonly spotLabel: string;
  readonly whereabouts: string;
  readonly gloss: Gloss;
  readonly source: ReadingSource;
  readonly sourceLabel: string;
  readonly seen: SeenView;
  readonly doubt: number;
  readonly taken: number;
  readonly leftOut: readonly string[];
  readonly measured: boolean;
  readonly at: string;
  readonly by: string;
}

export interface RecipeView {
  readonly drops: readonly DropView[];
  readonly total: number;
  readonly ml: number;
  readonly seen: SeenView;
  readonly day: number;
  readonly lamp: number;
  readonly tube: number;
  readonly weighted: number;
  readonly lights: string;
  readonly paints: number;
  readonly cover: number;
  readonly cents: number | null;
  readonly short: readonly string[];
}

export interface RecipesView {
  readonly recipes: readonly RecipeView[];
  readonly missing: string | null;
}

export interface RefusedView {
  readonly rule: string;
  readonly text: string;
  readonly parts: readonly PartName[];
}

export interface RemarkView {
  readonly rule: string;
  readonly text: string;
}

export interface ResetInput {
  kind: EvidenceKind;
  what: string;
}

export type Role = 'owner' | 'restorer' | 'apprentice' | 'counter';

export interface SampleView {
  readonly name: string;
  readonly values: readonly number[] | null;
  readonly lab: LabView;
  readonly hex: string;
}

export interface SamplesView {
  readonly samples: readonly SampleView[];
}

export interface SavedView {
  readonly pieceName: string;
  readonly title: string;
  readonly was: string | null;
  readonly becomes: string | null;
  readonly minutes: number;
}

export type School =
  | 'cleaning' | 'conditioner' | 'feeding' | 'wet-work' | 'dyeing' | 'laying' | 'drying' | 'bare-finish' | 'boot-finish' | 'buffing' | 'trainer-wash' | 'pace';

export interface SchoolInput {
  side?: string | null;
  was?: string | null;
}

export interface SchoolView {
  readonly id: School;
  readonly label: string;
  readonly usual: string;
  readonly sides: readonly SideSaysView[];
  readonly workshop: string | null;
  readonly plan: string | null;
}

export interface SchoolsView {
  readonly schools: readonly SchoolView[];
}

export interface SeasonCareView {
  readonly passport: number;
  readonly piece: string;
  readonly kind: CareKind;
  readonly label: string;
  readonly at: string;
  readonly why: string;
  readonly late: boolean;
  readonly told: boolean;
}

export interface SeasonInput {
  month: string;
  owners: readonly number[];
}

export interface SeasonOwnerView {
  readonly owner: number;
  readonly name: string;
  readonly by: ReachedBy | null;
  readonly contact: string;
  readonly cares: readonly SeasonCareView[];
  readonly told: boolean;
}

export interface SeasonView {
  readonly month: string;
  readonly owners: readonly SeasonOwnerView[];
  readonly page: number;
  readonly more: boolean;
  readonly notAsked: number;
  readonly text: MessageTextView;
  readonly kept: readonly KeptHereView[];
}

export interface SecondFactorInput {
  secret: string;
  code: string;
}

export interface SecondFactorView {
  readonly secret: string;
  readonly address: string;
}

export interface SeenView {
  readonly lab: LabView;
  readonly daylight: string;
  readonly lamp: string;
  readonly tube: string;
  readonly onScreen: boolean;
}

export interface SessionView {
  readonly person: PersonView | null;
  readonly csrfToken: string;
  readonly timezone: string;
  readonly now: string;
  readonly alarm: Alarm;
  readonly demo: boolean;
  readonly workshop: IdentityView | null;
  readonly empty: boolean;
}

export interface SetUpInput {
  switchMinutes: number;
  handoverMinutes: number;
  version: string;
}

export type SettlingAdvice = 'read' | 'wait' | 'go-on' | 'tell' | 'ask';

export interface SettlingInput {
  half: Half;
  part: PartName;
  family: FamilyId;
  minutesAgo?: number;
  dye?: string | null;
  before?: number | null;
}

export interface SettlingLookView {
  readonly at: string;
  readonly hours: number;
  readonly off: number;
  readonly seen: SeenView;
}

export interface SettlingView {
  readonly id: number;
  readonly half: Half;
  readonly part: PartName;
  readonly where: string;
  readonly what: string;
  readonly dye: string | null;
  readonly laidAt: string;
  readonly before: SeenView;
  readonly looks: readonly SettlingLookView[];
  readonly way: readonly WayBackPointView[];
  readonly least: number;
  readonly most: number;
  readonly final: SeenView;
  readonly alike: number;
  readonly sentence: string;
  readonly advice: SettlingAdvice;
  readonly judgedFrom: string;
  readonly lookAt: string | null;
  readonly beside: boolean;
}

export type Severity = 0 | 1 | 2 | 3 | 4;

export type Shade =
  | 'black' | 'espresso' | 'chestnut' | 'cognac' | 'tan' | 'oxblood' | 'cherry-red' | 'navy' | 'bottle-green' | 'grey' | 'sand' | 'natural' | 'ivory';

export interface ShadeView {
  readonly id: Shade;
  readonly label: string;
  readonly hex: string;
}

export interface ShareBackView {
  readonly what: string;
  readonly pieces: number;
  readonly back: number;
}

export interface ShelfInput {
  shelf: string;
}

export interface ShelfView {
  readonly products: readonly ProductRowView[];
  readonly toOrder: number;
  readonly suppliers: readonly string[];
}

export interface ShiftInput {
  from: string;
  until: string;
}

export interface ShiftView {
  readonly from: string;
  readonly until: string;
}

export interface ShortView {
  readonly product: number | null;
  readonly name: string;
  readonly says: string;
  readonly runsOut: boolean;
}

export type Side = 'outer-side' | 'inner-side' | 'toe' | 'heel' | 'sole' | 'inside' | 'front' | 'back' | 'base' | 'corners' | 'lining' | 'edges';

export interface SideSaysView {
  readonly id: string;
  readonly says: string;
}

export interface SideView {
  readonly side: string;
  readonly says: string;
  readonly taken: boolean;
  readonly steps: number;
  readonly handsOnMinutes: number;
  readonly elapsedMinutes: number;
  readonly only: readonly string[];
  readonly products: readonly string[];
  readonly risks: readonly string[];
}

export interface SignInView {
  readonly id: number;
  readonly device: string;
  readonly beganAt: string;
  readonly seenAt: string;
  readonly byPin: boolean;
  readonly here: boolean;
}

export interface SignatureInput {
  version: number;
  signedBy: string;
  strokes: readonly (readonly (readonly number[])[])[];
}

export interface SignedView {
  readonly by: string;
  readonly at: string;
  readonly path: string;
  readonly outdated: boolean;
}

export interface SittingView {
  readonly from: string;
  readonly until: string;
  readonly minutes: number;
  readonly pieces: readonly string[];
}

export interface SpanView {
  readonly start: string;
  readonly end: string;
}

export interface StaffRowView {
  readonly id: number;
  readonly login: string;
  readonly name: string;
  readonly role: Role;
  readonly version: number;
  readonly leftOn: string | null;
  readonly wordUntil: string | null;
  readonly seenAt: string | null;
  readonly signedIn: number;
  readonly hasSecondFactor: boolean;
  readonly isYou: boolean;
}

export interface StaffView {
  readonly people: readonly StaffRowView[];
  readonly roles: readonly Role[];
  readonly word: string | null;
  readonly wordFor: number | null;
}

export type Standing = 'blocked' | 'waiting' | 'stalled' | 'to-test' | 'open' | 'late';

export type Station = 'bench' | 'booth' | 'sink' | 'lamp';

export interface StationInput {
  station: string;
  places: number;
  version: string;
}

export interface StationView {
  readonly station: string;
  readonly label: string;
  readonly places: number;
}

export interface StepInput {
  version: number;
  why?: string | null;
  at?: string | null;
  minutes?: number | null;
  amount?: number | null;
  lot?: number | null;
}

export type StepStatus = 'open' | 'running' | 'done';

export interface StepView {
  readonly id: number;
  readonly version: number;
  readonly piece: number;
  readonly key: string;
  readonly status: StepStatus;
  readonly phase: Phase;
  readonly half: Halves;
  readonly parts: readonly PartName[];
  readonly title: string;
  readonly where: string;
  readonly why: string;
  readonly how: string;
  readonly amount: string | null;
  readonly supplies: readonly string[];
  readonly action: Action;
  readonly isLook: boolean;
  readonly onParts: boolean;
  readonly family: FamilyId | null;
  readonly applicator: Applicator;
  readonly station: Station;
  readonly coat: number;
  readonly coats: number;
  readonly overrides: readonly string[];
  readonly tries: readonly FamilyId[];
  readonly minutes: number;
  readonly waits: readonly StepWaitView[];
  readonly gate: string | null;
  readonly because: readonly RemarkView[];
  readonly cautions: readonly RemarkView[];
  readonly hex: string | null;
  readonly brush: ColourFamily;
  readonly startedAt: string | null;
  readonly startedBy: string | null;
  readonly endedAt: string | null;
  readonly spoiled: boolean;
  readonly tookMinutes: number | null;
  readonly notes: readonly string[];
}

export interface StepWaitView {
  readonly step: string;
  readonly minMinutes: number | null;
  readonly maxMinutes: number | null;
}

export type StockState = 'out' | 'short' | 'old' | 'beyond' | 'low' | 'enough';

export interface StoreInput {
  version: number;
  at: string;
  until?: string | null;
}

export interface SupplementInput {
  what: string;
  minutes: number;
  materialCents?: number;
  readyOn?: string | null;
}

export interface SupplementView {
  readonly id: number;
  readonly piece: number;
  readonly what: string;
  readonly minutes: number;
  readonly grossCents: number;
  readonly readyAt: string | null;
  readonly at: string;
  readonly by: string;
  readonly agreed: boolean | null;
  readonly answeredBy: string;
  readonly how: string;
  readonly answeredAt: string | null;
}

export interface SureInput {
  password: string;
  code?: string;
}

export interface SwatchView {
  readonly id: number;
  readonly code: string;
  readonly name: string;
  readonly seen: SeenView;
}

export interface TakeOverInput {
  person: number;
  pin: string;
}

export interface TakenInput {
  amount: number;
  lot?: number | null;
  note?: string;
}

export interface TakesView {
  readonly product: number;
  readonly name: string;
  readonly amount: number;
  readonly unit: Unit;
}

export interface TapeView {
  readonly person: number;
  readonly name: string;
  readonly today: readonly BlockView[];
  readonly tomorrow: readonly BlockView[];
  readonly hours: readonly SpanView[];
  readonly next: BlockView | null;
}

export interface TermsAgoView {
  readonly id: number;
  readonly at: string;
  readonly by: string;
  readonly changed: readonly string[];
}

export interface ThingAtWorkView {
  readonly passport: number;
  readonly piece: number;
  readonly ticket: number;
  readonly name: string;
  readonly hasPlan: boolean;
  readonly isReady: boolean;
  readonly nextAt: string | null;
}

export interface ThingsView {
  readonly owner: OwnerDetailsView;
  readonly atWork: readonly ThingAtWorkView[];
  readonly sittings: readonly SittingView[];
}

export interface ThreadView {
  readonly start: string;
  readonly end: string;
  readonly title: string;
  readonly pieceName: string;
}

export interface ThrowInput {
  why?: string;
}

export interface ThrowPotInput {
  version: number;
  why: string;
}

export interface TicketInput {
  customer: string;
  pieces: readonly PieceInput[];
  contact?: string;
  wish?: string;
  promisedAt?: string;
}

export interface TicketMessageInput {
  occasion: Occasion;
  why?: string;
}

export interface TicketView {
  readonly id: number;
  readonly customer: string;
  readonly contact: string;
  readonly wish: string;
  readonly promisedAt: string;
  readonly promised: boolean;
  readonly openedAt: string;
  readonly toldAt: string | null;
  readonly waits: number | null;
  readonly seen: string;
  readonly pieces: readonly PieceRowView[];
}

export interface TicketsView {
  readonly tickets: readonly TicketView[];
  readonly now: string;
  readonly more: boolean;
  readonly waiting: number;
}

export interface ToldInput {
  how: string;
}

export interface TrayInput {
  piece: number;
  at: PlaceInput;
}

export type Trial = 'T-1' | 'T-2' | 'T-3' | 'T-4' | 'T-5' | 'T-6' | 'T-7' | 'T-8' | 'T-9' | 'T-10';

export interface TrialInput {
  version: number;
  part: PartName;
  half: Half;
  trial: Trial;
  outcome: Outcome;
  speaksFor?: readonly PlaceInput[];
  product?: FamilyId | null;
  before?: readonly number[] | null;
  after?: readonly number[] | null;
}

export interface TrialView {
  readonly id: number;
  readonly half: Half;
  readonly part: PartName;
  readonly speaksFor: readonly string[];
  readonly trial: Trial;
  readonly outcome: Outcome;
  readonly product: FamilyId | null;
  readonly before: string | null;
  readonly after: string | null;
  readonly at: string;
  readonly by: string;
}

export interface TrialWordView {
  readonly id: Trial;
  readonly label: string;
  readonly how: string;
  readonly identifies: boolean;
  readonly outcomes: readonly WordView<Outcome>[];
}

export type Unit = 'ml' | 'g' | 'm' | 'pcs';

export interface UnplannedView {
  readonly piece: number;
  readonly name: string;
  readonly customer: string;
  readonly promisedAt: string;
  readonly promised: boolean;
}

export type Urgency = 'running' | 'closing' | 'test' | 'open' | 'missed';

export interface UseAgainInput {
  target: number | null;
  ml: number;
  rest?: boolean;
}

export interface UsualJobInput {
  name: string;
  piece: number;
}

export interface UsualJobView {
  readonly id: number;
  readonly name: string;
  readonly families: readonly PieceFamily[];
  readonly aim: Aim;
  readonly gloss: Gloss;
}

export interface UsualJobsView {
  readonly jobs: readonly UsualJobView[];
}

export interface VersionInput {
  version: number;
}

export interface VisitView {
  readonly piece: number;
  readonly tag: string;
  readonly openedAt: string;
  readonly leftAt: string | null;
  readonly aim: Aim;
  readonly wish: string;
  readonly done: readonly string[];
  readonly found: readonly string[];
  readonly before: string | null;
  readonly after: string | null;
  readonly ofOwner: string | null;
  readonly fault: string | null;
  readonly cause: string | null;
  readonly mended: string | null;
  readonly calledOff: boolean;
  readonly elsewhere: string;
}

export interface WaitsView {
  readonly air: string;
  readonly waits: number;
  readonly foreseenMinutes: number;
  readonly realMinutes: number;
}

export interface WantedInput {
  places: readonly PlaceInput[];
  shade?: Shade | null;
  reading?: number | null;
  pot?: number | null;
  measured?: readonly (readonly number[])[];
  labs?: readonly (readonly number[])[];
  source?: ReadingSource;
  gloss?: Gloss;
  whereabouts?: string;
  doubt?: number | null;
}

export interface WashInput {
  dye: string;
  thinner: number;
  coats: number;
}

export interface WayBackPointView {
  readonly hours: number;
  readonly off: number;
}

export interface WayDateView {
  readonly aim: Aim;
  readonly certain: string | null;
}

export interface WayView {
  readonly aim: Aim;
  readonly cannot: string | null;
  readonly lines: readonly LineView[];
  readonly overhead: number;
  readonly rush: number;
  readonly net: number;
  readonly tax: number;
  readonly rounding: number;
  readonly gross: number;
  readonly low: number;
  readonly high: number;
  readonly share: number | null;
  readonly advice: Worth | null;
  readonly adviceSays: string;
  readonly minutes: number;
  readonly gone: readonly string[];
  readonly softer: readonly string[];
  readonly stays: readonly string[];
  readonly risks: readonly string[];
  readonly care: readonly string[];
  readonly dropped: readonly string[];
  readonly fixed: readonly LineView[];
  readonly unpriced: readonly string[];
}

export interface WhatComesBackView {
  readonly years: number;
  readonly pieces: number;
  readonly back: readonly BackView[];
  readonly products: readonly ShareBackView[];
  readonly steps: readonly ShareBackView[];
  readonly lots: readonly ShareBackView[];
  readonly seasons: readonly ShareBackView[];
}

export interface WhatIfView {
  readonly label: string;
  readonly tempC: number;
  readonly humidity: number;
  readonly speedMs: number;
  readonly caution: string | null;
  readonly coats: readonly SavedView[];
  readonly minutes: number;
}

export interface WhyInput {
  why: string;
}

export type Wish = 'darker-toe' | 'toe-burnish' | 'local-only' | 'whole-part' | 'let-down' | 'mottled' | 'shaded' | 'thread-shows';

export interface WithPieceInput {
  like?: number | null;
  job?: number | null;
  newColours?: readonly NewColourInput[];
}

export interface WordView<Id> {
  readonly id: Id;
  readonly label: string;
  readonly meaning: string;
}

export interface WordsView {
  readonly families: readonly WordView<PieceFamily>[];
  readonly kinds: readonly KindView[];
  readonly materials: readonly MaterialWordView[];
  readonly certainties: readonly WordView<Certainty>[];
  readonly dryness: readonly WordView<Dryness>[];
  readonly findings: readonly FindingWordView[];
  readonly severities: readonly WordView<Severity>[];
  readonly aims: readonly WordView<Aim>[];
  readonly glosses: readonly WordView<Gloss>[];
  readonly shades: readonly ShadeView[];
  readonly flags: readonly WordView<Flag>[];
  readonly patinas: readonly WordView<Patina>[];
  readonly wishes: readonly WordView<Wish>[];
  readonly trials: readonly TrialWordView[];
  readonly products: readonly WordView<FamilyId>[];
  readonly applicators: readonly ApplicatorWordView[];
  readonly acts: readonly WordView<Action>[];
  readonly places: readonly WordView<DryingPlace>[];
  readonly hazards: readonly WordView<Hazard>[];
}

export interface WorkerView {
  readonly id: number;
  readonly name: string;
  readonly role: Role;
  readonly week: readonly DayHoursView[];
  readonly skills: readonly Phase[];
  readonly pace: number;
  readonly paceEvidence: number;
}

export interface WorkingDaysView {
  readonly days: readonly (readonly string[])[];
}

export interface WorkshopView {
  readonly people: readonly WorkerView[];
  readonly days: readonly OtherDayView[];
  readonly stations: readonly StationView[];
  readonly switchMinutes: number;
  readonly handoverMinutes: number;
  readonly switchSeen: number | null;
  readonly handoverSeen: number | null;
  readonly alarm: Alarm;
  readonly identity: IdentityView;
  readonly learned: readonly LearnedView[];
  readonly feeds: readonly FeedRowView[];
  readonly phases: readonly Phase[];
  readonly version: string;
}

export type WornFor = 'everyday' | 'dress' | 'work' | 'riding' | 'stage';

export type Worth = 'worth-it' | 'think' | 'say-out-loud';

/** Between what a number may lie, by input and field. */
export const limits = {
  AirInput: {
    tempC: { min: 0, max: 45 },
    humidity: { min: 5, max: 100 },
    speedMs: { min: 0, max: 5 },
  },
  LookInput: {
    dryUm: { min: 1, max: 1000 },
    thinner: { min: 0, max: 20 },
    coats: { min: 1, max: 20 },
  },
  MinutesInput: {
    minutes: { min: 1, max: 720 },
  },
  StepInput: {
    minutes: { min: 1, max: 720 },
    amount: { min: 0, max: 10000 },
  },
  TakeOverInput: {
    person: { min: 1, max: 999999999 },
  },
  AmountInput: {
    ml: { min: 0.1, max: 10000 },
  },
  DrawDownInput: {
    dryUm: { min: 1, max: 1000 },
    leftMl: { min: 0, max: 5000 },
  },
  DropsInput: {
    drops: { min: -100, max: 100 },
  },
  DyeSwatchInput: {
    coats: { min: 1, max: 10 },
  },
  KeepInput: {
    ml: { min: 0, max: 5000 },
  },
  LayInput: {
    coats: { min: 1, max: 20 },
  },
  MeasureDropsInput: {
    mlOfTwenty: { min: 0.1, max: 10 },
  },
  PortionInput: {
    amount: { min: 0, max: 20000 },
    drops: { min: 0, max: 100 },
  },
  PotInput: {
    coats: { min: 1, max: 20 },
    areaDm2: { min: 0.01, max: 500 },
  },
  PourInput: {
    share: { min: 0.01, max: 1 },
  },
  SettlingInput: {
    minutesAgo: { min: 0, max: 2880 },
  },
  UseAgainInput: {
    ml: { min: 0.1, max: 10000 },
  },
  WashInput: {
    coats: { min: 1, max: 4 },
  },
  CollectInput: {
    amountCents: { min: 0, max: 100000000 },
  },
  CorrectPieceInput: {
    id: { min: 1, max: 999999999 },
    sizeEu: { min: 15, max: 55 },
    lengthMm: { min: 50, max: 2500 },
  },
  PieceInput: {
    sizeEu: { min: 15, max: 55 },
    lengthMm: { min: 50, max: 2500 },
  },
  TrayInput: {
    piece: { min: 1, max: 999999999 },
  },
  ForwardInput: {
    minutes: { min: 1, max: 960 },
  },
  CardInput: {
    longMm: { min: 20, max: 500 },
    shortMm: { min: 20, max: 500 },
  },
  OfferInput: {
    replaceCents: { min: 0, max: 100000000 },
  },
  SupplementInput: {
    minutes: { min: 1, max: 2400 },
    materialCents: { min: 0, max: 1000000 },
  },
  AgreementInput: {
    valueCents: { min: 0, max: 100000000 },
    replaceCents: { min: 0, max: 100000000 },
  },
  FindingInput: {
    severity: { min: 0, max: 4 },
    share: { min: 0, max: 1 },
  },
  PartsInput: {
    areaDm2: { min: 0.01, max: 500 },
  },
  ChangeInput: {
    coats: { min: 1, max: 12 },
  },
  BuyInput: {
    packs: { min: 1, max: 100 },
    cents: { min: 0, max: 100000000 },
  },
  LeftInput: {
    grossG: { min: 0, max: 100000 },
    left: { min: 0, max: 1000000 },
    emptyG: { min: 0, max: 100000 },
  },
  OrderInput: {
    packs: { min: 1, max: 100 },
  },
  ProductInput: {
    packCents: { min: 0, max: 100000000 },
    leadDays: { min: 0, max: 365 },
    densityGPerMl: { min: 0.3, max: 5 },
    emptyPackG: { min: 0, max: 100000 },
    water: { min: 0, max: 200 },
    openedMonths: { min: 1, max: 240 },
  },
  TakenInput: {
    amount: { min: 0, max: 10000 },
  },
  DayHoursInput: {
    day: { min: 1, max: 7 },
  },
  IdentityInput: {
    uncollectedDays: { min: 1, max: 365 },
  },
  SetUpInput: {
    switchMinutes: { min: 0, max: 60 },
    handoverMinutes: { min: 0, max: 60 },
  },
  StationInput: {
    places: { min: 1, max: 99 },
  },
} as const
