<script setup lang="ts">
import { computed, ref } from 'vue'
import type { RoutinePlaceView } from '@/api/types'
import { FOR_GOOD, useView } from '@/api/queries'
import { labelOf, toolName } from '@/api/words'
import WhyList from '@/shell/WhyList.vue'
import { minutes, useUnits } from '@/shell/useUnits'
import LayerSketch from './LayerSketch.vue'
import MethodCard from './MethodCard.vue'
import PassArrows from './PassArrows.vue'
import { type Method } from './useMethods'

/** One place of the routine: a line, and on opening how it is done. */
const props = defineProps<{
  place: RoutinePlaceView
  name: string
  number: number
  leftOut: boolean
  open: boolean
  oftenSkipped?: boolean
}>()
defineEmits<{ toggle: []; open: [] }>()

const { say } = useUnits()
const methods = useView('methods', FOR_GOOD)
const titleOf = (method: Method) => methods.data.value?.find((card) => card.method === method)?.title ?? ''
/** The card that lies open. */
const card = ref<Method>()

const tools = computed(() => [...new Set(props.place.tools.map((t) => toolName(t.tool, t.own)))].join(', '))
const layers = computed(() => {
  const { count, parting } = props.place.layers
  return props.place.parted ? `${count} ${labelOf('Parting', parting)}s` : 'one pass'
})
</script>

<template>
  <li class="row" :class="{ out: leftOut }">
    <div class="line">
      <span class="number slab">{{ number }}</span>
      <button type="button" class="name" :aria-expanded="open" @click="$emit('open')">
        <b>{{ name }}</b><small
          >{{ layers }} · {{ tools }}<em v-if="oftenSkipped"> · often skipped, mats here first</em></small
        >
      </button>
      <span class="time">{{ minutes(place.seconds) }}</span>
      <button
        type="button"
        class="leave no-print"
        :aria-pressed="leftOut"
        :aria-label="`Leave out ${name} today`"
        @click="$emit('toggle')"
      >
        {{ leftOut ? 'take in' : 'leave out' }}
      </button>
    </div>
    <div v-if="open" class="how" :class="{ plain: !place.parted }">
      <LayerSketch v-if="place.parted" :layers="place.layers" />
      <div>
        <p>{{ place.hold }}</p>
        <ol>
          <li v-for="(tool, i) in place.tools" :key="i">
            <b>{{ toolName(tool.tool, tool.own) }}</b>:
            {{ tool.tool === 'MIST' && place.mist ? say(place.mist.text) : tool.mannerLabel
            }}<em v-if="tool.missing"> · not in your drawer</em>
          </li>
        </ol>
        <PassArrows :passes="place.passes" />
        <p>
          <b>At most {{ place.strokesAtMost }} strokes</b> on one spot, then move on.
        </p>
        <p v-if="place.methods.length" class="cards no-print">
          How:
          <button
            v-for="one in place.methods"
            :key="one"
            type="button"
            :aria-expanded="card === one"
            @click="card = card === one ? undefined : one"
          >
            {{ titleOf(one) }}
          </button>
        </p>
        <WhyList :reasons="[place.passes.why, ...place.reasons]" />
      </div>
      <MethodCard v-if="card" :method="card" class="card" />
    </div>
  </li>
</template>

<style scoped>
.row {
  border-top: 1px dashed rgb(var(--v-theme-seam));
}
.line {
  display: flex;
  align-items: center;
  gap: 12px;
}
.number {
  width: 28px;
  text-align: right;
  opacity: 0.9;
}
.name {
  flex: 1;
  text-align: left;
  min-height: 54px;
  padding: 4px 0;
}
.name b,
.how b {
  display: inline-block;
}
.name b::first-letter,
.how b::first-letter {
  text-transform: uppercase;
}
.name small {
  display: block;
  font-size: 0.9rem;
}
.name:hover b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
.time {
  white-space: nowrap;
}
.leave {
  min-height: 44px;
  padding: 0 8px;
  font-size: 0.9rem;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  width: 86px;
}
.out .name b,
.out .time {
  text-decoration: line-through;
}
.how {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 24px;
  padding: 6px 0 16px 40px;
}
.how.plain {
  grid-template-columns: 1fr;
}
.how ol {
  padding-left: 20px;
}
@media (max-width: 599px) {
  .how {
    grid-template-columns: 1fr;
    padding-left: 0;
  }
  .number {
    width: 20px;
  }
  .leave {
    width: 64px;
  }
}
.cards {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
}
.cards button {
  min-height: 44px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
.cards button[aria-expanded='true'] {
  font-weight: 700;
  text-decoration-style: solid;
}
.card {
  grid-column: 1 / -1;
  padding: 6px 0;
}
</style>
