<script setup lang="ts">
import { computed } from 'vue'

/** A hand of leather as bad as a severity says, drawn for each group of findings: dirt, salts, residue, colour, surface, build. */
const props = defineProps<{ group: string; severity: number }>()

const spots = (count: number, size: number): string =>
  Array.from({ length: count }, (_, i) => {
    const x = 6 + ((i * 23 + 7) % 52)
    const y = 5 + ((i * 17 + 3) % 26)
    const r = size * (0.6 + ((i * 7) % 5) / 8)
    return `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
  }).join('')
/** Lines that mark, and areas that lie on it, by group; more, longer and heavier with every step. */
const drawn = computed<{ line: string; area: string; weight: number }>(() => {
  const s = props.severity
  switch (props.group) {
    case 'dirt':
      return { line: '', area: spots([0, 4, 10, 18, 30][s] ?? 0, 0.9 + 0.45 * s), weight: 0 }
    case 'salts':
      return {
        line: [
          s === 0 ? '' : `M2 ${26 - 3 * s}C14 ${20 - 3 * s} 22 ${29 - 3 * s} 34 ${22 - 3 * s}S54 ${28 - 3 * s} 62 ${21 - 3 * s}`,
          s > 2 ? `M2 ${33 - 3 * s}C18 ${27 - 3 * s} 30 ${35 - 3 * s} 62 ${28 - 3 * s}` : '',
        ].join(''),
        area: s === 4 ? 'M2 22C18 16 40 24 62 16V34H2Z' : '',
        weight: 0.7 + 0.6 * s,
      }
    case 'residue':
      return {
        line: Array.from({ length: s * 2 }, (_, i) => `M4 ${6 + i * 3.6}C20 ${3 + i * 3.6} 40 ${10 + i * 3.6} 60 ${5 + i * 3.6}`).join(''),
        area: '',
        weight: 0.6 + 0.45 * s,
      }
    case 'colour':
      return {
        line: '',
        area:
          s === 0
            ? ''
            : `M${32 - 6 * s} 18C${32 - 7 * s} ${18 - 4 * s} ${30} ${18 - 5 * s} ${32 + 5 * s} ${18 - 3 * s}` +
              `S${32 + 8 * s} ${18 + 4 * s} ${30} ${18 + 4 * s}S${32 - 7 * s} ${18 + 3 * s} ${32 - 6 * s} 18Z`,
        weight: 0,
      }
    case 'surface':
      return {
        line: Array.from({ length: [0, 1, 3, 5, 7][s] ?? 0 }, (_, i) => `M${8 + i * 4} ${24 - i * 2.4}l${10 + 5 * s} ${-4 - i}`).join(''),
        area: s === 4 ? 'M20 16L30 12L44 17L34 24Z' : '',
        weight: 0.8 + 0.45 * s,
      }
    default:
      return {
        line: s === 0 ? '' : `M4 18H${22 - 2 * s}M${42 + 2 * s} 18H60M${22 - 2 * s} 18Q32 ${18 + 3 * s} ${42 + 2 * s} 18Q32 ${18 - 3 * s} ${22 - 2 * s} 18`,
        area: s === 4 ? 'M14 18Q32 30 50 18Q32 6 14 18Z' : '',
        weight: 0.9 + 0.35 * s,
      }
  }
})
</script>

<template>
  <svg viewBox="0 0 64 36" width="64" height="36" aria-hidden="true" class="bg-metal border border-soft">
    <path d="M0 9H64M0 27H64" stroke="#8a8a8a" stroke-width=".4" stroke-dasharray="1 3" />
    <path :d="drawn.area" fill="#2b2b2b" :fill-opacity="group === 'colour' ? 0.12 + 0.16 * severity : 0.8" />
    <path :d="drawn.line" fill="none" stroke="#1d1d1d" :stroke-width="drawn.weight" stroke-linecap="round" />
  </svg>
</template>
