// Generated from the PHP views and inputs by `bin/console types:generate`. Do not edit.

export interface AgainView {
  readonly id: number;
  readonly version: number;
  readonly title: string;
}

export interface AgreedInput {
  aim: 'keep' | 'freshen' | 'restore' | 'recolour' | 'ready-fast' | 'work-proof';
  gloss: 'matt' | 'satin' | 'glow' | 'mirror';
  patina: 'keep' | 'soften' | 'remove';
}

export interface AgreedView {
  readonly aim: string;
  readonly gloss: string;
  readonly patina: string;
}

export interface AgreementInput {
  version: number;
  aim: 'keep' | 'freshen' | 'restore' | 'recolour' | 'ready-fast' | 'work-proof';
  gloss: 'matt' | 'satin' | 'glow' | 'mirror';
  patina?: 'keep' | 'soften' | 'remove';
  unwanted?: string;
  valueCents?: number | null;
  replaceCents?: number | null;
}

export interface AirInput {
  tempC: number;
  humidity: number;
  speedMs?: number;
  place?: 'bench' | 'rack' | 'booth' | 'box' | null;
}

export interface AirView {
  readonly place: string;
  readonly label: string;
  readonly tempC: number;
  readonly humidity: number;
  readonly speedMs: number;
  readonly source: string;
  readonly at: string;
  readonly said: readonly string[];
}

export interface AlarmInput {
  alarm: 'bell' | 'knock' | 'chime' | 'silent';
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
  readonly brushChanges: number;
}

export interface BlockView {
  readonly step: number;
  readonly start: string;
  readonly end: string;
  readonly title: string;
  readonly pieceName: string;
  readonly done: boolean;
}

export interface CallView {
  readonly step: StepView;
  readonly pieceName: string;
  readonly urgency: string;
  readonly closesAt: string | null;
  readonly minutes: number;
  readonly again: AgainView | null;
}

export interface ChangeInput {
  version: number;
  change: 'move' | 'add' | 'drop' | 'swap' | 'coats' | 'hurry' | 'mend' | 'override';
  step?: string | null;
  before?: string | null;
  action?: 'lay' | 'take-apart' | 'photograph' | 'read-colour' | 'tree' | 'dust-off' | 'erase' | 'trial' | 'stitch' | 'bond' | 'straighten-hardware' | 'iron-crease' | 'sand' | 'mask' | 'unmask' | 'rub-off' | 'buff' | 'raise-nap' | 'gate' | 'put-together' | 'shape' | 'hand-over' | null;
  family?: 'brush' | 'damp-cloth' | 'cleaner-neutral' | 'cleaner-cream' | 'soap' | 'wash' | 'foam-cleaner' | 'suede-cleaner' | 'salt-wash' | 'poultice' | 'solvent-mild' | 'alcohol' | 'deglosser' | 'filler' | 'crack-filler' | 'cement' | 'dye-spirit' | 'dye-water' | 'paint' | 'primer' | 'touch-up' | 'topcoat' | 'resin' | 'conditioner' | 'conditioner-light' | 'oil' | 'heavy-wax' | 'cream' | 'wax' | 'shine' | 'edge-dressing' | 'grip-safe-protector' | 'repellent' | 'peroxide' | 'lining-spray' | null;
  applicator?: 'brush' | 'sponge' | 'cloth' | 'fingers' | 'dauber' | 'airbrush' | 'spray-can' | 'bud' | 'pad' | 'pen' | 'none' | null;
  places?: readonly PlaceInput[];
  coats?: number | null;
  after?: string | null;
  rule?: string | null;
  reason?: string | null;
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
  readonly half: string;
  readonly parts: readonly string[];
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
  readonly applicator: string;
  readonly bare: LadderView;
  readonly based: readonly LadderView[];
  readonly sentence: string;
}

export interface ColoursView {
  readonly products: readonly ProductView[];
  readonly swatches: readonly SwatchView[];
}

export interface CompareView {
  readonly school: string;
  readonly label: string;
  readonly usual: string;
  readonly sides: readonly SideView[];
}

export interface CopyInput {
  version: number;
  from: number;
}

export interface CorrectionView {
  readonly sentence: string;
  readonly reachable: boolean;
  readonly additions: readonly DropView[];
  readonly after: SeenView | null;
  readonly dE00: number;
  readonly restart: RecipeView | null;
}

export interface DabInput {
  version: number;
  measured?: readonly (readonly number[])[] | null;
}

export interface DabView {
  readonly seen: SeenView;
  readonly difference: DifferenceView;
  readonly prediction: DifferenceView;
  readonly drops: number;
  readonly at: string;
  readonly verdict: string;
  readonly near: boolean;
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
}

export interface DropsInput {
  version: number;
  code: string;
  drops: number;
}

export interface DyeLadderView {
  readonly code: string;
  readonly name: string;
  readonly diluent: string;
  readonly rungs: readonly DyeRungView[];
}

export interface DyeMatchView {
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
  applicator: 'brush' | 'sponge' | 'cloth' | 'fingers' | 'dauber' | 'airbrush' | 'spray-can' | 'bud' | 'pad' | 'pen' | 'none';
  leather: readonly number[];
  dyed: readonly number[];
}

export interface DyesView {
  readonly ground: SeenView | null;
  readonly target: SeenView | null;
  readonly applicator: string;
  readonly factor: number;
  readonly swatches: number;
  readonly never: string | null;
  readonly matches: readonly DyeMatchView[];
  readonly ladders: readonly DyeLadderView[];
}

export interface EntryView {
  readonly id: number;
  readonly at: string;
  readonly event: string;
  readonly person: string;
  readonly piece: number;
  readonly text: string;
  readonly half: string | null;
  readonly tempC: number | null;
  readonly humidity: number | null;
  readonly plannedMinutes: number | null;
  readonly realMinutes: number | null;
}

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

export interface FileInput {
  text: string;
}

export interface FindingInput {
  version: number;
  part: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' | 'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' | 'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' | 'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching' | 'hooks';
  half: 'left' | 'right' | 'whole';
  kind: 'dust' | 'welt-grit' | 'mud' | 'ground-in-dirt' | 'insects' | 'body-grease' | 'ink' | 'tar' | 'glue' | 'paint-spots' | 'mould' | 'odour' | 'road-salt' | 'sweat-salt' | 'old-polish' | 'wax-build-up' | 'silicone' | 'wrong-touch-up' | 'faded' | 'patchy' | 'bleached-spot' | 'colour-transfer' | 'yellowed-leather' | 'yellowed-rubber' | 'dark-handling' | 'scuff' | 'scratch' | 'gouge' | 'crack' | 'peeling' | 'crease' | 'water-ring' | 'lifted-scales' | 'flat-nap' | 'heat-mark' | 'brittle' | 'red-rot' | 'open-seam' | 'rotten-thread' | 'sole-parting' | 'edge-worn' | 'lining-torn' | 'stack-dry' | 'stack-split' | 'buckle-bent' | 'zip-stiff' | 'eyelet-missing' | 'shape-lost' | 'impact';
  severity: number;
  lengthMm?: number | null;
  widthMm?: number | null;
  depthMm?: number | null;
  share?: number | null;
}

export interface FindingView {
  readonly id: number;
  readonly half: string;
  readonly part: string;
  readonly kind: string;
  readonly label: string;
  readonly group: string;
  readonly severity: number;
  readonly lengthMm: number | null;
  readonly widthMm: number | null;
  readonly depthMm: number | null;
  readonly share: number | null;
}

export interface FindingWordView {
  readonly id: string;
  readonly label: string;
  readonly group: string;
  readonly hasSize: boolean;
  readonly hasDepth: boolean;
  readonly usualOn: readonly string[];
  readonly parts: readonly string[];
}

export interface FitView {
  readonly overWhite: number;
  readonly overBlack: number;
  readonly hidden: number;
  readonly sentence: string;
  readonly good: boolean;
  readonly masstone: SeenView;
}

export interface FollowInput {
  version: number;
  drops: Readonly<Record<string, number>>;
}

export interface ForwardInput {
  minutes: number;
  me?: boolean;
}

export interface FreeMinutesView {
  readonly minutes: number;
  readonly blocks: readonly BlockView[];
}

export interface GateInput {
  version: number;
  answer: string;
  why?: string | null;
  at?: string | null;
}

export interface HoursInput {
  week: readonly DayHoursInput[];
  skills?: readonly ('take-apart' | 'record' | 'dry-clean' | 'trial' | 'clean' | 'repair' | 'strip' | 'fill' | 'degrease' | 'mask' | 'base' | 'colour' | 'seal' | 'unmask' | 'condition' | 'polish' | 'edges' | 'protect' | 'put-together' | 'shape' | 'hand-over')[];
}

export interface KeepInput {
  version: number;
  ml: number;
  where?: string;
}

export interface KindView {
  readonly id: string;
  readonly label: string;
  readonly family: string;
  readonly halves: readonly string[];
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
  spot?: 'sound' | 'damage';
  half?: 'left' | 'right' | 'whole' | null;
  part?: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' | 'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' | 'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' | 'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching' | 'hooks' | null;
}

export interface LearnedView {
  readonly kind: string;
  readonly what: string;
  readonly label: string;
  readonly factor: number;
  readonly evidence: number;
  readonly seen: readonly number[];
}

export interface LedgerPieceView {
  readonly id: number;
  readonly name: string;
  readonly customer: string;
  readonly kind: string;
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

export interface LookInput {
  what: string;
  piece?: number | null;
  half?: 'left' | 'right' | 'whole' | null;
  part?: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' | 'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' | 'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' | 'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching' | 'hooks' | null;
  spot?: 'sound' | 'damage';
  pot?: number | null;
  swatch?: number | null;
  card?: string | null;
  product?: number | null;
  dryUm?: number | null;
  thinner?: number | null;
  coats?: number | null;
  applicator?: string | null;
}

export interface MeasureDropsInput {
  version: number;
  mlOfTwenty: number;
}

export interface MeasurementView {
  readonly values: readonly number[];
  readonly seen: SeenView;
}

export interface MissingPictureView {
  readonly half: string;
  readonly side: string;
  readonly label: string;
}

export interface MoveInput {
  place: 'bench' | 'rack' | 'booth' | 'box';
}

export interface OddsView {
  readonly material: string;
  readonly odds: number;
}

export interface OffInput {
  version: number;
  part: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' | 'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' | 'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' | 'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching' | 'hooks';
  half: 'left' | 'right' | 'whole';
  off: boolean;
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

export interface OwnerPageView {
  readonly piece: number;
  readonly version: number;
  readonly gone: readonly string[];
  readonly softer: readonly string[];
  readonly stays: readonly string[];
  readonly risks: readonly string[];
  readonly declined: readonly DeclinedView[];
  readonly signed: SignedView | null;
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

export interface PartColourView {
  readonly half: string;
  readonly part: string;
  readonly hex: string;
}

export interface PartView {
  readonly half: string;
  readonly part: string;
  readonly material: string;
  readonly certainty: string;
  readonly dryness: string;
  readonly shade: string;
  readonly hex: string;
  readonly flags: readonly string[];
  readonly areaDm2: number | null;
  readonly agreed: AgreedView | null;
  readonly off: boolean;
  readonly overruled: boolean;
  readonly odds: readonly OddsView[];
  readonly nextTrial: string | null;
  readonly contradictions: readonly string[];
}

export interface PartWordView {
  readonly id: string;
  readonly label: string;
  readonly materials: readonly string[];
  readonly outer: boolean;
  readonly detachable: boolean;
  readonly plural: boolean;
}

export interface PartsInput {
  version: number;
  places: readonly PlaceInput[];
  material?: 'aniline' | 'semi-aniline' | 'pigmented' | 'waxy' | 'burnished' | 'veg-tan' | 'patent' | 'embossed' | 'suede' | 'nubuck' | 'rough-out' | 'reptile-matt' | 'reptile-glazed' | 'sheep-nappa' | 'racing-hide' | 'coated-canvas' | 'synthetic' | 'textile' | 'rubber' | 'foam' | 'leather-stack' | 'leather-edge' | 'bare-welt' | 'plastic-stack' | 'metal' | null;
  certainty?: 'known' | 'likely' | 'guess' | null;
  dryness?: 'supple' | 'thirsty' | 'stiff' | 'brittle' | null;
  shade?: 'black' | 'espresso' | 'chestnut' | 'cognac' | 'tan' | 'oxblood' | 'cherry-red' | 'navy' | 'bottle-green' | 'grey' | 'sand' | 'natural' | 'ivory' | null;
  flags?: readonly ('perforated' | 'contrast-stitching' | 'vents' | 'grip-surface' | 'metal-shank' | 'leather-lined' | 'fur-trim' | 'glued-sole' | 'printed-marks' | 'irreplaceable')[] | null;
  areaDm2?: number | null;
}

export interface PastPieceView {
  readonly id: number;
  readonly name: string;
  readonly tag: string;
}

export interface PersonView {
  readonly id: number;
  readonly name: string;
  readonly role: string;
  readonly mayPlan: boolean;
  readonly mayOverride: boolean;
}

export interface PictureColourInput {
  at: readonly number[];
  grey?: readonly number[] | null;
  card?: readonly (readonly number[])[];
}

export interface PictureColourView {
  readonly lab: LabView;
  readonly hex: string;
  readonly doubt: number;
  readonly sentence: string;
}

export interface PictureInput {
  moment: 'before' | 'during' | 'after';
  half?: 'left' | 'right' | 'whole' | null;
  part?: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' | 'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' | 'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' | 'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching' | 'hooks' | null;
  side?: 'outer-side' | 'inner-side' | 'toe' | 'heel' | 'sole' | 'inside' | 'front' | 'back' | 'base' | 'corners' | 'lining' | 'edges' | null;
}

export interface PictureView {
  readonly id: number;
  readonly moment: string;
  readonly half: string | null;
  readonly part: string | null;
  readonly side: string | null;
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
  readonly kind: string;
  readonly customer: string;
  readonly gloss: string;
  readonly readings: readonly ReadingView[];
  readonly pairs: readonly PairView[];
  readonly pots: readonly PotRowView[];
  readonly areas: Readonly<Record<string, number>>;
}

export interface PieceInput {
  name: string;
  kind: 'low-shoe/oxford' | 'low-shoe/derby' | 'low-shoe/loafer' | 'low-shoe/monk' | 'low-shoe/court' | 'low-shoe/brogue' | 'low-shoe/dance-shoe' | 'boot/ankle' | 'boot/lace' | 'boot/chelsea' | 'boot/western' | 'boot/work' | 'boot/field' | 'tall-boot/riding' | 'tall-boot/dress' | 'trainer/court' | 'trainer/running' | 'trainer/skate' | 'trainer/high-top' | 'bag/satchel' | 'bag/tote' | 'bag/shoulder' | 'bag/clutch' | 'bag/doctors' | 'bag/case' | 'bag/wallet' | 'garment/jacket' | 'garment/coat' | 'garment/trousers' | 'garment/skirt' | 'garment/apron' | 'garment/gloves' | 'garment/one-piece-suit' | 'small-goods/belt' | 'small-goods/strap' | 'small-goods/holster' | 'small-goods/harness' | 'small-goods/instrument-strap' | 'small-goods/book-cover';
  aim: 'keep' | 'freshen' | 'restore' | 'recolour' | 'ready-fast' | 'work-proof';
  sizeEu?: number | null;
  lengthMm?: number | null;
  gloss?: 'matt' | 'satin' | 'glow' | 'mirror';
  shade?: 'black' | 'espresso' | 'chestnut' | 'cognac' | 'tan' | 'oxblood' | 'cherry-red' | 'navy' | 'bottle-green' | 'grey' | 'sand' | 'natural' | 'ivory';
}

export interface PieceRowView {
  readonly id: number;
  readonly tag: string;
  readonly name: string;
  readonly kind: string;
  readonly aim: string;
  readonly state: string;
  readonly stepsDone: number;
  readonly stepsAll: number;
  readonly colours: readonly PartColourView[];
}

export interface PieceView {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly kind: string;
  readonly sizeEu: number | null;
  readonly lengthMm: number | null;
  readonly aim: string;
  readonly gloss: string;
  readonly patina: string;
  readonly unwanted: string;
  readonly valueCents: number | null;
  readonly replaceCents: number | null;
  readonly state: string;
  readonly ticket: number;
  readonly tag: string;
  readonly customer: string;
  readonly wish: string;
  readonly promisedAt: string;
  readonly parts: readonly PartView[];
  readonly findings: readonly FindingView[];
  readonly trials: readonly TrialView[];
  readonly differences: readonly string[];
  readonly past: readonly PastPieceView[];
}

export interface PlaceInput {
  part: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' | 'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' | 'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' | 'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching' | 'hooks';
  half: 'left' | 'right' | 'whole';
}

export interface PlanInput {
  version: number;
  schools?: Readonly<Record<string, string | null>> | null;
  exclude?: readonly string[] | null;
  readyBy?: string | null;
}

export interface PlanView {
  readonly piece: number;
  readonly version: number;
  readonly name: string;
  readonly kind: string;
  readonly aim: string;
  readonly customer: string;
  readonly promisedAt: string;
  readonly state: string;
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
  readonly schools: readonly SchoolView[];
  readonly exclude: readonly string[];
  readonly readyBy: string | null;
  readonly byHand: boolean;
  readonly handsOnMinutes: number;
  readonly elapsedMinutes: number;
}

export interface PotInput {
  name: string;
  target: number;
  ground?: number | null;
  finish?: 'matt' | 'satin' | 'glow' | 'mirror';
  applicator?: 'brush' | 'sponge' | 'cloth' | 'fingers' | 'dauber' | 'airbrush' | 'spray-can' | 'bud' | 'pad' | 'pen' | 'none';
  coats?: number;
  areaDm2?: number;
}

export interface PotLineView {
  readonly at: string;
  readonly person: string;
  readonly text: string;
  readonly kind: string;
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

export interface PotRowView {
  readonly id: number;
  readonly name: string;
  readonly piece: number;
  readonly pieceName: string;
  readonly customer: string;
  readonly state: string;
  readonly target: string;
  readonly mixed: string | null;
  readonly recipe: string;
  readonly drops: number;
  readonly keptMl: number | null;
  readonly keptWhere: string;
  readonly at: string;
  readonly near: number | null;
}

export interface PotView {
  readonly id: number;
  readonly version: number;
  readonly name: string;
  readonly state: string;
  readonly piece: number;
  readonly pieceName: string;
  readonly half: string;
  readonly part: string;
  readonly partLabel: string;
  readonly target: SeenView;
  readonly aim: SeenView;
  readonly aimWords: string;
  readonly ground: SeenView | null;
  readonly now: SeenView | null;
  readonly off: DifferenceView | null;
  readonly day: number;
  readonly lamp: number;
  readonly tube: number;
  readonly lights: string;
  readonly drops: readonly DropView[];
  readonly recipe: readonly DropView[];
  readonly total: number;
  readonly capacity: number;
  readonly dropMl: number;
  readonly dabs: readonly DabView[];
  readonly dabFresh: boolean;
  readonly history: readonly PotLineView[];
  readonly need: PotNeedView;
  readonly keptMl: number | null;
  readonly keptWhere: string;
  readonly paints: readonly DropView[];
}

export interface PotsView {
  readonly pots: readonly PotRowView[];
}

export interface ProductView {
  readonly id: number;
  readonly code: string;
  readonly name: string;
  readonly kind: string;
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
  readonly rush: boolean;
  readonly holds: number | null;
  readonly certain: string | null;
  readonly even: string | null;
  readonly rushed: string | null;
  readonly pushed: readonly PushedView[];
  readonly unseen: readonly string[];
  readonly stepsLeft: number;
  readonly minutesLeft: number;
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
  readonly half: string;
  readonly part: string;
  readonly plans: number;
  readonly trial: string | null;
  readonly text: string;
}

export interface QuestionsView {
  readonly questions: readonly QuestionView[];
}

export interface RackPieceView {
  readonly piece: number;
  readonly name: string;
  readonly customer: string;
  readonly kind: string;
  readonly place: string;
  readonly promisedAt: string;
  readonly stepsDone: number;
  readonly stepsAll: number;
  readonly colours: readonly PartColourView[];
  readonly coats: readonly CoatView[];
  readonly atWork: readonly string[];
  readonly opensAt: string | null;
  readonly closesAt: string | null;
  readonly next: string | null;
  readonly standing: string;
}

export interface RangeTakenView {
  readonly added: number;
  readonly known: number;
}

export interface ReadingInput {
  half: 'left' | 'right' | 'whole';
  part: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' | 'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' | 'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' | 'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching' | 'hooks';
  spot: 'sound' | 'damage';
  source: 'reader' | 'picture' | 'typed' | 'file' | 'swatch';
  measured?: readonly (readonly number[])[];
  labs?: readonly (readonly number[])[];
  gloss?: 'matt' | 'satin' | 'glow' | 'mirror';
  whereabouts?: string;
  doubt?: number | null;
}

export interface ReadingView {
  readonly id: number;
  readonly half: string;
  readonly part: string;
  readonly partLabel: string;
  readonly spot: string;
  readonly spotLabel: string;
  readonly whereabouts: string;
  readonly gloss: string;
  readonly source: string;
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
  readonly parts: readonly string[];
}

export interface RemarkView {
  readonly rule: string;
  readonly text: string;
}

export interface ResetInput {
  kind: 'drying' | 'minutes';
  what: string;
}

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

export interface SchoolInput {
  side?: string | null;
}

export interface SchoolView {
  readonly id: string;
  readonly label: string;
  readonly usual: string;
  readonly sides: readonly SideSaysView[];
  readonly workshop: string | null;
  readonly plan: string | null;
}

export interface SchoolsView {
  readonly schools: readonly SchoolView[];
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
  readonly alarm: string;
  readonly demo: boolean;
}

export interface ShadeView {
  readonly id: string;
  readonly label: string;
  readonly hex: string;
}

export interface ShiftInput {
  from: string;
  until: string;
}

export interface ShiftView {
  readonly from: string;
  readonly until: string;
}

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

export interface StationInput {
  station: string;
  places: number;
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
}

export interface StepView {
  readonly id: number;
  readonly version: number;
  readonly piece: number;
  readonly key: string;
  readonly status: string;
  readonly phase: string;
  readonly half: string;
  readonly parts: readonly string[];
  readonly title: string;
  readonly where: string;
  readonly why: string;
  readonly how: string;
  readonly amount: string | null;
  readonly supplies: readonly string[];
  readonly action: string;
  readonly family: string | null;
  readonly applicator: string;
  readonly station: string;
  readonly coat: number;
  readonly coats: number;
  readonly overrides: readonly string[];
  readonly tries: readonly string[];
  readonly minutes: number;
  readonly waits: readonly StepWaitView[];
  readonly gate: string | null;
  readonly because: readonly RemarkView[];
  readonly cautions: readonly RemarkView[];
  readonly hex: string | null;
  readonly brush: string;
  readonly startedAt: string | null;
  readonly startedBy: string | null;
  readonly endedAt: string | null;
}

export interface StepWaitView {
  readonly step: string;
  readonly minMinutes: number | null;
  readonly maxMinutes: number | null;
}

export interface SwatchView {
  readonly id: number;
  readonly code: string;
  readonly name: string;
  readonly seen: SeenView;
}

export interface TakeOverInput {
  version: number;
  person: number;
}

export interface TapeView {
  readonly person: number;
  readonly name: string;
  readonly today: readonly BlockView[];
  readonly tomorrow: readonly BlockView[];
}

export interface ThreadView {
  readonly start: string;
  readonly end: string;
  readonly title: string;
  readonly pieceName: string;
}

export interface TicketInput {
  customer: string;
  promisedAt: string;
  pieces: readonly PieceInput[];
  contact?: string;
  wish?: string;
}

export interface TicketView {
  readonly id: number;
  readonly customer: string;
  readonly contact: string;
  readonly wish: string;
  readonly promisedAt: string;
  readonly openedAt: string;
  readonly pieces: readonly PieceRowView[];
}

export interface TicketsView {
  readonly tickets: readonly TicketView[];
  readonly now: string;
}

export interface TrialInput {
  version: number;
  part: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'false-tongue' | 'facing' | 'topline' | 'collar' | 'shaft' | 'inner-leg' | 'spur-rest' | 'pull' | 'gusset' | 'zip' | 'toe-box' | 'side-panel' | 'eyestay' | 'heel-tab' | 'midsole' | 'foxing' | 'marks' | 'front' | 'back' | 'base' | 'flap' | 'handle' | 'strap' | 'piping' | 'trim' | 'edge-paint' | 'hardware' | 'body' | 'sleeves' | 'cuffs' | 'stretch-panels' | 'perforated-panels' | 'seat' | 'armour-covers' | 'palms' | 'zips' | 'badges' | 'face' | 'flesh-side' | 'edge' | 'holes' | 'buckle' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching' | 'hooks';
  half: 'left' | 'right' | 'whole';
  trial: 'T-1' | 'T-2' | 'T-3' | 'T-4' | 'T-5' | 'T-6' | 'T-7' | 'T-8' | 'T-9' | 'T-10';
  outcome: 'absorbs-at-once' | 'absorbs-slowly' | 'beads' | 'colour-off-dry' | 'colour-off-damp' | 'clean' | 'marks' | 'marks-warm-away' | 'no-mark' | 'film-softens' | 'colour-lifts' | 'no-change' | 'darkens' | 'darkens-returns' | 'dulls' | 'coloured-through' | 'skin-on-core' | 'melts' | 'chars' | 'real-stack' | 'printed-skin' | 'pores' | 'print' | 'film' | 'glassy' | 'nap' | 'velvet' | 'scales' | 'weave' | 'cloth-core' | 'undyed';
  speaksFor?: readonly PlaceInput[];
  product?: 'brush' | 'damp-cloth' | 'cleaner-neutral' | 'cleaner-cream' | 'soap' | 'wash' | 'foam-cleaner' | 'suede-cleaner' | 'salt-wash' | 'poultice' | 'solvent-mild' | 'alcohol' | 'deglosser' | 'filler' | 'crack-filler' | 'cement' | 'dye-spirit' | 'dye-water' | 'paint' | 'primer' | 'touch-up' | 'topcoat' | 'resin' | 'conditioner' | 'conditioner-light' | 'oil' | 'heavy-wax' | 'cream' | 'wax' | 'shine' | 'edge-dressing' | 'grip-safe-protector' | 'repellent' | 'peroxide' | 'lining-spray' | null;
  before?: readonly number[] | null;
  after?: readonly number[] | null;
}

export interface TrialView {
  readonly id: number;
  readonly half: string;
  readonly part: string;
  readonly speaksFor: readonly string[];
  readonly trial: string;
  readonly outcome: string;
  readonly product: string | null;
  readonly before: string | null;
  readonly after: string | null;
  readonly at: string;
  readonly by: string;
}

export interface TrialWordView {
  readonly id: string;
  readonly label: string;
  readonly how: string;
  readonly identifies: boolean;
  readonly outcomes: readonly WordView[];
}

export interface VersionInput {
  version: number;
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

export interface WordView {
  readonly id: string;
  readonly label: string;
  readonly meaning: string;
}

export interface WordsView {
  readonly families: readonly WordView[];
  readonly kinds: readonly KindView[];
  readonly materials: readonly WordView[];
  readonly certainties: readonly WordView[];
  readonly dryness: readonly WordView[];
  readonly findings: readonly FindingWordView[];
  readonly severities: readonly WordView[];
  readonly aims: readonly WordView[];
  readonly glosses: readonly WordView[];
  readonly shades: readonly ShadeView[];
  readonly flags: readonly WordView[];
  readonly patinas: readonly WordView[];
  readonly trials: readonly TrialWordView[];
  readonly products: readonly WordView[];
  readonly applicators: readonly WordView[];
  readonly acts: readonly WordView[];
  readonly hazards: readonly WordView[];
}

export interface WorkerView {
  readonly id: number;
  readonly name: string;
  readonly role: string;
  readonly week: readonly DayHoursView[];
  readonly skills: readonly string[];
  readonly pace: number;
  readonly paceEvidence: number;
}

export interface WorkshopView {
  readonly people: readonly WorkerView[];
  readonly days: readonly OtherDayView[];
  readonly stations: readonly StationView[];
  readonly alarm: string;
  readonly learned: readonly LearnedView[];
  readonly feeds: readonly FeedRowView[];
  readonly phases: readonly string[];
}
