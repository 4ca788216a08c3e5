// Generated from the PHP views and inputs by `bin/console types:generate`. Do not edit.

export interface AgainView {
  readonly id: number;
  readonly version: number;
  readonly title: string;
}

export interface AgreementInput {
  version: number;
  aim: 'keep' | 'freshen' | 'restore';
  gloss: 'matt' | 'satin' | 'glow' | 'mirror';
}

export interface AirInput {
  tempC: number;
  humidity: number;
  speedMs?: number;
}

export interface AirView {
  readonly tempC: number;
  readonly humidity: number;
  readonly speedMs: number;
  readonly source: string;
  readonly at: string;
}

export interface BenchView {
  readonly now: string;
  readonly air: AirView | null;
  readonly calls: readonly CallView[];
  readonly rack: readonly RackPieceView[];
  readonly tape: readonly BlockView[];
  readonly threads: readonly ThreadView[];
  readonly dayFrom: string;
  readonly dayUntil: string;
}

export interface BlockView {
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
  readonly again: AgainView | null;
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

export interface FindingInput {
  version: number;
  part: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'facing' | 'topline' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching';
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
}

export interface GateInput {
  version: number;
  answer: string;
  why?: string | null;
}

export interface KindView {
  readonly id: string;
  readonly label: string;
  readonly halves: readonly string[];
  readonly parts: readonly PartWordView[];
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
}

export interface PartWordView {
  readonly id: string;
  readonly label: string;
  readonly materials: readonly string[];
  readonly upper: boolean;
}

export interface PartsInput {
  version: number;
  places: readonly PlaceInput[];
  material?: 'aniline' | 'semi-aniline' | 'pigmented' | 'waxy' | 'burnished' | 'veg-tan' | 'patent' | 'embossed' | 'suede' | 'nubuck' | 'rough-out' | 'reptile-matt' | 'reptile-glazed' | 'sheep-nappa' | 'racing-hide' | 'coated-canvas' | 'synthetic' | 'textile' | 'rubber' | 'foam' | 'leather-stack' | 'leather-edge' | 'bare-welt' | 'plastic-stack' | 'metal' | null;
  certainty?: 'known' | 'likely' | 'guess' | null;
  dryness?: 'supple' | 'thirsty' | 'stiff' | 'brittle' | null;
  shade?: 'black' | 'espresso' | 'chestnut' | 'cognac' | 'tan' | 'oxblood' | 'cherry-red' | 'navy' | 'bottle-green' | 'grey' | 'sand' | 'natural' | 'ivory' | null;
  flags?: readonly ('perforated' | 'contrast-stitching' | 'leather-lined' | 'glued-sole' | 'irreplaceable')[] | null;
}

export interface PersonView {
  readonly id: number;
  readonly name: string;
  readonly role: string;
  readonly mayPlan: boolean;
  readonly mayOverride: boolean;
}

export interface PieceInput {
  name: string;
  kind: 'oxford' | 'derby' | 'loafer' | 'monk' | 'court' | 'brogue' | 'dance-shoe';
  sizeEu: number;
  aim: 'keep' | 'freshen' | 'restore';
  gloss?: 'matt' | 'satin' | 'glow' | 'mirror';
  shade?: 'black' | 'espresso' | 'chestnut' | 'cognac' | 'tan' | 'oxblood' | 'cherry-red' | 'navy' | 'bottle-green' | 'grey' | 'sand' | 'natural' | 'ivory';
}

export interface PieceRowView {
  readonly id: number;
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
  readonly sizeEu: number;
  readonly aim: string;
  readonly gloss: string;
  readonly state: string;
  readonly ticket: number;
  readonly customer: string;
  readonly wish: string;
  readonly promisedAt: string;
  readonly parts: readonly PartView[];
  readonly findings: readonly FindingView[];
}

export interface PlaceInput {
  part: 'toe' | 'vamp' | 'quarter' | 'counter' | 'tongue' | 'facing' | 'topline' | 'welt' | 'sole-edge' | 'heel-stack' | 'outsole' | 'lining' | 'insole' | 'laces' | 'stitching';
  half: 'left' | 'right' | 'whole';
}

export interface PlanView {
  readonly piece: number;
  readonly version: number;
  readonly name: string;
  readonly kind: string;
  readonly customer: string;
  readonly promisedAt: string;
  readonly state: string;
  readonly made: boolean;
  readonly stale: boolean;
  readonly steps: readonly StepView[];
  readonly refused: readonly RemarkView[];
  readonly referrals: readonly RemarkView[];
  readonly tellOwner: readonly RemarkView[];
  readonly handsOnMinutes: number;
  readonly elapsedMinutes: number;
}

export interface RackPieceView {
  readonly piece: number;
  readonly name: string;
  readonly customer: string;
  readonly kind: string;
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

export interface RemarkView {
  readonly rule: string;
  readonly text: string;
}

export interface SessionView {
  readonly person: PersonView | null;
  readonly csrfToken: string;
  readonly timezone: string;
  readonly now: string;
}

export interface ShadeView {
  readonly id: string;
  readonly label: string;
  readonly hex: string;
}

export interface StepInput {
  version: number;
  why?: string | null;
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

export interface VersionInput {
  version: number;
}

export interface WordView {
  readonly id: string;
  readonly label: string;
  readonly meaning: string;
}

export interface WordsView {
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
}
