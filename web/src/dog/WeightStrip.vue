<script setup lang="ts">
import { computed } from 'vue'
import type { WeightView } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** What the scale said lately, and whether that asks for the vet. */
const props = defineProps<{ weight: WeightView; busy: boolean }>()
defineEmits<{ takeBack: [day: string] }>()

const MOST = 8

const { say, date, mass } = useUnits()
const lately = computed(() => props.weight.weighings.slice(-MOST))
const last = computed(() => lately.value.at(-1))

/** The weighings on a line, the lightest at the foot; its height is a fifth of the weight, or more. */
const line = computed(() => {
  const kilograms = lately.value.map((weighing) => weighing.kilograms)
  const least = Math.min(...kilograms)
  const span = Math.max(Math.max(...kilograms) - least, 0.2 * least)
  return kilograms.map((kg, i) => ({ x: 8 + i * 26, y: 34 - (26 * (kg - least)) / span }))
})
</script>

<template>
  <p v-if="weight.askTheVet" class="caution" role="alert" :data-rule="weight.askTheVet.rule">
    <strong>{{ say(weight.askTheVet.text) }}</strong>
  </p>
  <div v-if="last" class="scale">
    <svg v-if="line.length > 1" :viewBox="`0 0 ${line.length * 26} 40`" :width="line.length * 26" aria-hidden="true">
      <polyline :points="line.map(({ x, y }) => `${x},${y}`).join(' ')" />
      <circle v-for="({ x, y }, i) in line" :key="i" :cx="x" :cy="y" r="3.5" />
    </svg>
    <p class="quiet">
      On the scale:
      <template v-for="(one, i) in lately" :key="one.day"
        >{{ i ? ', ' : '' }}<span class="one">{{ mass(one.kilograms) }} on {{ date(one.day) }}</span></template
      >.
    </p>
    <button type="button" :disabled="busy" @click="$emit('takeBack', last.day)">Take the last back</button>
  </div>
</template>

<style scoped>
.scale {
  display: flex;
  gap: 14px;
  align-items: center;
  margin: 0 0 12px;
}
.one {
  white-space: nowrap;
}
svg {
  flex: none;
  height: 40px;
}
polyline {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2;
}
circle {
  fill: rgb(var(--v-theme-primary));
}
button {
  flex: none;
  min-height: 44px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
@media (max-width: 599px) {
  .scale {
    display: block;
  }
}
</style>
