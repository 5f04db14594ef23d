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
  <div v-if="last" class="flex gap-14 items-center mt-0 mx-0 mb-12 max-sm:block">
    <svg
      v-if="line.length > 1"
      class="flex-none h-40"
      :viewBox="`0 0 ${line.length * 26} 40`"
      :width="line.length * 26"
      aria-hidden="true"
    >
      <polyline class="fill-none stroke-primary stroke-[2]" :points="line.map(({ x, y }) => `${x},${y}`).join(' ')" />
      <circle v-for="({ x, y }, i) in line" class="fill-primary" :key="i" :cx="x" :cy="y" r="3.5" />
    </svg>
    <p class="quiet">
      On the scale:
      <template v-for="(one, i) in lately" :key="one.day"
        >{{ i ? ', ' : ''
        }}<span class="one whitespace-nowrap">{{ mass(one.kilograms) }} on {{ date(one.day) }}</span></template
      >.
    </p>
    <button class="flex-none min-h-44 dotted" type="button" :disabled="busy" @click="$emit('takeBack', last.day)">
      Take the last back
    </button>
  </div>
</template>
