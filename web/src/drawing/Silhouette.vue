<script setup lang="ts">
import type { FindingGroup, FindingKind, Half, Kind, PartName } from '../api/types'
import { computed, useId } from 'vue'
import { drawings } from './kinds'
import { mark } from './marks'
import { clamp, tree, type ArrangedParts } from './worked'

/** A piece as it is drawn everywhere: the surface that people work on, the bench's tile, the ledger's thumbnail. */
const props = withDefaults(
  defineProps<{
    kind: Kind
    half: Half
    /** colour by part; a part without one is paper with dots */
    colours?: Readonly<Partial<Record<PartName, string>>>
    findings?: readonly { id: number; part: PartName; kind: FindingKind; group: FindingGroup; label: string; severity: number; lengthMm: number | null }[]
    /** wetness by part: 1 just laid, 0 dry */
    wet?: Readonly<Partial<Record<PartName, number>>>
    /** what is off, under tape, in clamps, on a tree */
    arranged?: readonly ArrangedParts[]
    selected?: PartName | 'outer' | null
    /** parts that step back, so that the others come forward */
    only?: readonly PartName[] | null
    /** names of parts, when they can be chosen */
    names?: Readonly<Partial<Record<PartName, string>>> | null
    label?: string
    weight?: number
    /** the side that the first one hides */
    turned?: boolean
    /** numbers that stand on the parts, as on a printed card */
    numbers?: Readonly<Partial<Record<PartName, number>>>
  }>(),
  {
    numbers: () => ({}),
    colours: () => ({}),
    findings: () => [],
    wet: () => ({}),
    arranged: () => [],
    selected: null,
    only: null,
    names: null,
    label: '',
    weight: 1,
    turned: false,
  },
)

const emit = defineEmits<{ choose: [part: PartName] }>()

const id = useId()
const drawing = computed(() => (props.turned ? drawings[props.kind].other : undefined) ?? drawings[props.kind])
const box = computed(() => drawings[props.kind].box.join(' '))
/** What lies beside the piece is there only to be chosen. */
const shown = computed(() => drawing.value.parts.filter((p) => p.apart !== true || props.names !== null) ?? [])
const flip = computed(() => (props.half === 'left' ? 'translate(400 0) scale(-1 1)' : undefined))
const marks = computed(() => {
  const count = new Map<string, number>()
  return props.findings.flatMap((finding) => {
    const shape = drawing.value.parts.find((p) => p.part === finding.part)
    const index = count.get(finding.part) ?? 0
    count.set(finding.part, index + 1)
    return shape === undefined ? [] : [mark(finding, shape.anchor, shape.reach, index)]
  })
})
const parts = (how: ArrangedParts['how']): readonly PartName[] => props.arranged.filter((a) => a.how === how).flatMap((a) => a.parts)
const off = computed(() => parts('off'))
const taped = computed(() => parts('taped'))
/** One clamp for parts that lie beside each other is enough to be seen. */
const clamps = computed(() => {
  const anchors = shown.value.filter((s) => parts('held').includes(s.part)).map((s) => s.anchor)
  return anchors.filter(([x, y], i) => anchors.findIndex(([a, b]) => Math.hypot(a - x, b - y) < 50) === i)
})
/** Its heel stands in the opening. */
const treeAt = computed(() =>
  props.arranged.some((a) => a.how === 'on-tree') ? drawing.value.parts.find((s) => s.part === 'lining')?.anchor : undefined)
const dull = (part: PartName): boolean => props.only !== null && !props.only.includes(part)
const described = (part: PartName): string => {
  const found = props.findings.filter((f) => f.part === part).map((f) => f.label)
  return `${props.half === 'whole' ? '' : `${props.half} `}${props.names?.[part] ?? part}${found.length > 0 ? `: ${found.join(', ')}` : ''}`
}
/** Figures are never mirrored, though the left half is. */
const figures = computed(() =>
  shown.value.flatMap((p) => {
    const figure = props.numbers[p.part]
    return figure === undefined ? [] : [{ part: p.part, figure, x: props.half === 'left' ? 400 - p.anchor[0] : p.anchor[0], y: p.anchor[1] }]
  }),
)
/** Five densities of hatch are enough for the eye; the thinnest goes before the coat is dry. */
const hatch = (wetness: number): number => Math.ceil(Math.min(1, Math.max(0, wetness)) * 5)
/** Narrow shapes get an invisible wider outline, so that a finger finds them. */
const WIDE: readonly PartName[] = [
  'toe', 'toe-box', 'vamp', 'quarter', 'counter', 'shaft', 'side-panel', 'inner-leg', 'midsole', 'front', 'back', 'flap', 'body', 'sleeves', 'seat',
  'palms', 'face', 'flesh-side',
]
const small = (part: PartName): boolean => !WIDE.includes(part)
</script>

<template>
  <svg
    :viewBox="box" :role="names === null ? 'img' : 'group'" :aria-label="label || `${half === 'whole' ? '' : half} ${kind.replace('/', ', ')}`"
    class="block w-full min-w-0 overflow-visible"
  >
    <defs>
      <pattern :id="`${id}-paper`" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" class="fill-paper" />
        <circle cx="1.5" cy="1.5" r="0.7" class="fill-faint" />
      </pattern>
      <pattern
        v-for="d in 5" :id="`${id}-wet-${d}`" :key="d" :width="16 - 2.2 * d" :height="16 - 2.2 * d" patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path :d="`M0 1H${16 - 2.2 * d}`" stroke="#f2f2f2" stroke-width="1.5" /><path :d="`M0 2.6H${16 - 2.2 * d}`" stroke="#1b1b1b" stroke-width="1.3" />
      </pattern>
      <pattern v-if="taped.length > 0" :id="`${id}-tape`" width="44" height="13" patternUnits="userSpaceOnUse" patternTransform="rotate(-14)">
        <rect width="44" height="13" fill="#e9e9e9" />
        <path d="M0 12.4H44M31 0L33 4L30 8L32 13" fill="none" stroke="#8f8f8f" stroke-width="1.1" />
      </pattern>
    </defs>
    <g :transform="flip">
      <g v-if="treeAt" class="pointer-events-none fill-metal stroke-drawn" stroke-linejoin="round" :stroke-width="1.4 * weight" data-arranged="on-tree">
        <path :d="tree(treeAt)" />
      </g>
      <path
        v-for="shape in shown.filter((s) => off.includes(s.part))" :key="`off-${shape.part}`" :d="shape.path" data-arranged="off"
        class="pointer-events-none fill-none stroke-faint" stroke-dasharray="2 5" stroke-linecap="round" :stroke-width="1.3 * weight"
      />
      <g v-for="shape in shown.filter((s) => !off.includes(s.part))" :key="shape.part">
        <path
          :d="shape.path"
          :fill="colours[shape.part] ?? `url(#${id}-paper)`"
          :fill-opacity="dull(shape.part) ? 0.28 : 1"
          fill-rule="evenodd" class="stroke-drawn" stroke-linejoin="round" :stroke-width="1.5 * weight"
        />
        <path
          v-if="colours[shape.part]" :d="shape.path" class="pointer-events-none fill-none" stroke="#9a9a9a" stroke-opacity="0.55" :stroke-width="0.7 * weight"
        />
        <path
          v-if="(wet[shape.part] ?? 0) > 0" :d="shape.path" :fill="`url(#${id}-wet-${hatch(wet[shape.part] ?? 0)})`"
          :fill-opacity="0.35 + 0.65 * (wet[shape.part] ?? 0)" class="pointer-events-none dries"
        />
        <path
          v-if="taped.includes(shape.part)" :d="shape.path" :fill="`url(#${id}-tape)`" fill-opacity="0.92" fill-rule="evenodd" stroke="#5c5c5c"
          :stroke-width="1.2 * weight" stroke-linejoin="round" class="pointer-events-none" data-arranged="taped"
        />
      </g>
      <path
        v-for="(o, i) in drawing.ornaments.filter((x) => x.kind !== 'hole')" :key="`rim${i}`" :d="o.path" class="pointer-events-none fill-none"
        stroke="#9a9a9a" stroke-opacity="0.6" :stroke-width="(o.kind === 'stitch' ? 1.6 : 2.4) * weight" :stroke-dasharray="o.kind === 'stitch' ? '3 3' :
          undefined"
      />
      <path
        v-for="(o, i) in drawing.ornaments" :key="i" :d="o.path"
        class="pointer-events-none stroke-drawn" :class="o.kind === 'hole' ? 'fill-drawn' : o.kind === 'metal' ? 'fill-metal' : 'fill-none'"
        :stroke-width="(o.kind === 'hole' ? 0.5 : o.kind === 'line' ? 1.5 : 1.1) * weight" :stroke-dasharray="o.kind === 'stitch' ? '3 3' : undefined"
      />
      <path
        v-if="drawing.outline" :d="drawing.outline" fill-rule="nonzero" class="pointer-events-none fill-none stroke-drawn" stroke-linejoin="round"
        :stroke-width="2.5 * weight"
      />
      <path
        v-for="(anchor, i) in clamps" :key="`clamp${i}`" :d="clamp(anchor)" class="pointer-events-none fill-metal stroke-drawn" fill-rule="evenodd"
        stroke-linejoin="round" :stroke-width="1.4 * weight" data-arranged="held"
      />
      <g v-for="m in marks" :key="m.id" class="pointer-events-none" fill="none" stroke-linecap="round">
        <path :d="m.path" stroke="#f5f5f5" :stroke-width="m.weight + 2.2" stroke-opacity="0.85" />
        <path :d="m.path" stroke="#161616" :stroke-width="m.weight" :stroke-dasharray="m.dashed ? '5 3' : undefined" />
      </g>
      <g v-if="names !== null">
        <path
          v-for="shape in drawing.parts.filter((s) => names?.[s.part] !== undefined)" :key="shape.part" :d="shape.path"
          role="button" tabindex="0" :aria-label="described(shape.part)" :aria-pressed="selected === shape.part"
          fill="transparent" stroke="transparent" :stroke-width="small(shape.part) ? 12 : 3"
          fill-rule="evenodd" class="hit cursor-pointer" :data-part="shape.part" :data-half="half"
          @click="emit('choose', shape.part)" @keydown.enter.prevent="emit('choose', shape.part)" @keydown.space.prevent="emit('choose', shape.part)"
        />
        <path
          v-if="selected" :d="drawing.parts.find((s) => s.part === selected)?.path ?? ''" class="pointer-events-none fill-none stroke-ink" stroke-width="4.5"
          stroke-linejoin="round"
        />
        <path
          v-if="selected" :d="drawing.parts.find((s) => s.part === selected)?.path ?? ''" class="pointer-events-none fill-none stroke-paper"
          stroke-width="1.6" stroke-dasharray="5 4" stroke-linejoin="round"
        />
      </g>
    </g>
    <g v-for="f in figures" :key="f.part" class="pointer-events-none">
      <circle :cx="f.x" :cy="f.y" r="11" class="fill-raised stroke-drawn" stroke-width="1.5" />
      <text :x="f.x" :y="f.y + 5" text-anchor="middle" font-size="15" font-weight="700" class="fill-drawn">{{ f.figure }}</text>
    </g>
  </svg>
</template>

<style scoped>
/* A coat dries quietly. */
@media (prefers-reduced-motion: no-preference) {
  .dries { transition: fill-opacity 1s linear; }
}
</style>
