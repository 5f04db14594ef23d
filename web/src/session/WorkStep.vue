<script setup lang="ts">
import { computed } from 'vue'
import type { SessionView } from '@/api/types'
import LayerSketch from '@/routine/LayerSketch.vue'
import PassArrows from '@/routine/PassArrows.vue'
import { useUnits } from '@/shell/useUnits'
import StrokeRhythm from './StrokeRhythm.vue'
import { matSize } from './words'

/** How the place in hand is worked. */
const props = defineProps<{ view: SessionView; step: SessionView['steps'][number]['how'] }>()

const { say, date, length } = useUnits()
const knot = computed(() => props.view.knots.includes(props.step.section))
const mat = computed(() => props.view.mats.find((one) => one.section === props.step.section))
</script>

<template>
  <div class="work">
    <div>
      <p v-if="knot" class="heed"><b>You felt a knot here.</b> Fingers first, then from the ends inward.</p>
      <p v-if="mat" class="heed">
        <b>A mat was left here</b> on {{ date(mat.since) }}{{ mat.found ? `, ${say(matSize(mat.found))}` : '' }}. Look
        at it before you brush.
      </p>
      <p class="hold">{{ step.hold }}</p>
      <ol>
        <li v-for="(tool, i) in step.tools" :key="i">
          <b>{{ tool.own?.shownName ?? tool.toolLabel }}</b>
          {{ tool.tool === 'MIST' && step.mist ? say(step.mist.text) : tool.mannerLabel }}
        </li>
      </ol>
      <PassArrows :passes="step.passes" class="passes" />
      <p class="guard">
        At most {{ step.strokesAtMost }} strokes on a spot, then move on. <StrokeRhythm :strokes="step.strokesAtMost" />
      </p>
    </div>
    <div class="layers">
      <p v-if="step.layers.count > 1" class="slab count" aria-live="polite">
        Layer {{ Math.min(view.layer, step.layers.count) }}
        <small>of {{ step.layers.count }}, each about {{ length(Math.round(step.layers.thicknessMm)) }}</small>
      </p>
      <LayerSketch :layers="step.layers" :done="view.layer - 1" class="sketch" />
    </div>
  </div>
</template>

<style scoped>
.work {
  display: grid;
  grid-template-columns: 1fr 190px;
  gap: 24px;
  font-size: clamp(1.45rem, 2.1vw, 1.65rem);
  line-height: 1.28;
}
.hold {
  margin-bottom: 8px;
}
.heed {
  font-size: 1.15rem;
  border-left: 6px solid rgb(var(--v-theme-primary));
  padding: 4px 12px;
  margin-bottom: 8px;
}
ol {
  padding-left: 32px;
}
ol li {
  margin: 4px 0;
}
li b {
  display: inline-block;
  margin-right: 6px;
}
li b::first-letter {
  text-transform: uppercase;
}
.passes,
.guard {
  font-size: 1.2rem;
}
.guard {
  margin-top: 8px;
  font-weight: 700;
}
.count {
  font-size: 2.1rem;
  color: rgb(var(--v-theme-primary));
  margin-bottom: 8px;
}
.count small {
  display: block;
  font: 400 1rem var(--sans);
  color: rgb(var(--v-theme-ink));
}
.layers :deep(figcaption) {
  display: none;
}
@media (max-width: 899px) {
  .work {
    grid-template-columns: 1fr;
    font-size: 1.42rem;
    line-height: 1.2;
    gap: 6px;
  }
  .layers {
    order: -1;
  }
  .count {
    font-size: 1.5rem;
    margin: 0;
  }
  .count small {
    display: inline;
  }
  .hold {
    margin-bottom: 6px;
  }
  ol li {
    margin: 3px 0;
  }
  .guard,
  .passes {
    margin-top: 6px;
    font-size: 1.1rem;
  }
  .sketch {
    display: none;
  }
}
</style>
