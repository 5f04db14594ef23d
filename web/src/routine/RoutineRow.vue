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
  <li class="seam-t" :class="{ out: leftOut }">
    <div class="flex items-center gap-12">
      <span class="slab w-28 text-right opacity-88 max-sm:w-20">{{ number }}</span>
      <button
        type="button"
        class="name flex-1 text-left min-h-54 py-4 px-0"
        :aria-expanded="open"
        @click="$emit('open')"
      >
        <b class="inline-block">{{ name }}</b><small class="block text-sm">{{ layers }} · {{ tools }}</small>
      </button>
      <span class="time whitespace-nowrap">{{ minutes(place.seconds) }}</span>
      <button
        type="button"
        class="no-print min-h-44 py-0 px-8 text-sm dotted w-86 max-sm:w-64"
        :aria-pressed="leftOut"
        :aria-label="`Leave out ${name} today`"
        @click="$emit('toggle')"
      >
        {{ leftOut ? 'take in' : 'leave out' }}
      </button>
    </div>
    <div
      v-if="open"
      class="how grid grid-cols-[150px_1fr] gap-24 pt-6 pr-0 pb-16 pl-40 max-sm:grid-cols-1 max-sm:pl-0"
      :class="{ plain: !place.parted }"
    >
      <p v-if="oftenSkipped" class="quiet">Often skipped: mats begin here.</p>
      <LayerSketch v-if="place.parted" :layers="place.layers" />
      <div>
        <p>{{ place.hold }}</p>
        <ol class="pl-20">
          <li v-for="(tool, i) in place.tools" :key="i">
            <b class="inline-block">{{ toolName(tool.tool, tool.own) }}</b>:
            {{ tool.tool === 'MIST' && place.mist ? say(place.mist.text) : tool.mannerLabel
            }}<em v-if="tool.missing"> · not in your drawer</em>
          </li>
        </ol>
        <PassArrows :passes="place.passes" />
        <p>
          <b class="inline-block">At most {{ place.strokesAtMost }} strokes</b> on one spot, then move on.
        </p>
        <p v-if="place.methods.length" class="cards no-print flex flex-wrap gap-y-2 gap-x-14 items-center">
          How:
          <button
            v-for="one in place.methods"
            class="min-h-44 dotted"
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
      <MethodCard v-if="card" :method="card" class="card col-span-full py-6 px-0" />
    </div>
  </li>
</template>

<style scoped>
.name b::first-letter,
.how b::first-letter {
  text-transform: uppercase;
}
.name:hover b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
.out .name b,
.out .time {
  text-decoration: line-through;
}
.how.plain {
  grid-template-columns: 1fr;
}
.cards button[aria-expanded='true'] {
  font-weight: 700;
  text-decoration-style: solid;
}
</style>
