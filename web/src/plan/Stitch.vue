<script setup lang="ts">
import type { Halves, StepStatus } from '../api/types'

/**
 * One step as it is sewn: two edges lie side by side, as on a shoe, with a row of holes in each. A step of one half is a stitch in its edge, one of both is
 * laced across; before it is done there are the holes, and where it is under way the needle is in.
 */
defineProps<{ half: Halves, single: boolean, status: StepStatus, next?: boolean, last?: boolean }>()
const isJoint = (half: Halves): boolean => half === 'both' || half === 'whole'
const at = (half: Halves): number => (half === 'left' ? 26 : half === 'right' ? 62 : 44)
</script>

<template>
  <svg viewBox="0 0 88 52" class="col-start-1 self-center w-[88px] h-[52px]" aria-hidden="true" stroke-linecap="round">
    <g class="hole">
      <template v-if="isJoint(half) && !single">
        <circle v-for="x in [26, 62]" :key="x" :cx="x" cy="12" r="3" /><circle v-for="x in [26, 62]" :key="`u${x}`" :cx="x" cy="40" r="3" />
      </template>
      <template v-else><circle :cx="at(half)" cy="12" r="3" /><circle :cx="at(half)" cy="40" r="3" /></template>
    </g>
    <g v-if="status === 'done'" class="thread">
      <template v-if="isJoint(half) && !single">
        <path d="M26 12L62 40" /><path class="over" d="M62 12L26 40" /><path d="M62 12L26 40" />
      </template>
      <path v-else :d="`M${at(half) - 1} 12L${at(half) + 1} 40`" />
    </g>
    <!-- The needle is where the work stands. -->
    <g v-if="status === 'running' || next" class="needle">
      <path v-if="status === 'running'" class="thread thin" :d="`M${at(half)} 12C${at(half) - 14} 20 ${at(half) + 16} 22 ${at(half) + 3} 31`" />
      <path :d="`M${at(half) - 11} 49L${at(half) + 4} 30`" />
    </g>
    <!-- The knot with which it ends. -->
    <path
      v-if="last && status === 'done'" class="thread thin"
      :d="`M${at(half) - 7} 50C${at(half) - 2} 40 ${at(half) + 8} 44 ${at(half)} 46S${at(half) + 4} 50 ${at(half) + 9} 49`"
    />
  </svg>
</template>

<style scoped>
.hole { fill: var(--ink); }
.thread { fill: none; stroke: var(--ink); stroke-width: 5; }
.thread.thin { stroke-width: 2.5; }
/* What lies on top has an edge of its own. */
.over { stroke: var(--raised); stroke-width: 9; }
.needle { fill: none; stroke: var(--ink); stroke-width: 3; }
</style>
