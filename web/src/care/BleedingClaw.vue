<script setup lang="ts">
import { useTimestamp } from '@vueuse/core'
import { computed } from 'vue'
import type { Reason } from '@/api/types'
import KeyButton from '@/shell/KeyButton.vue'
import { useUnits } from '@/shell/useUnits'

/** A claw was cut too short: what to do, and when it is for the vet. */
const props = defineProps<{ since: number; atMostSeconds: number; todo: readonly Reason[] }>()
defineEmits<{ stopped: []; vet: [] }>()

const { say } = useUnits()
const now = useTimestamp({ interval: 500 })
const gone = computed(() => Math.max(0, Math.floor((now.value - props.since) / 1000)))
const over = computed(() => gone.value >= props.atMostSeconds)
const clock = computed(() => `${Math.floor(gone.value / 60)}:${String(gone.value % 60).padStart(2, '0')}`)
</script>

<template>
  <section class="bleeds flex-1 grid grid-cols-[1fr_auto] gap-y-20 gap-x-40 content-center max-md:grid-cols-1">
    <div aria-live="polite">
      <h1 class="text-[clamp(1.8rem,3.2vw,2.7rem)]">
        {{ over ? 'Ten minutes: call your vet' : 'It happens. Press, and stay calm.' }}
      </h1>
      <ol class="pl-26 mt-14">
        <li v-for="one in todo" class="text-2xl leading-snug mb-10 max-w-[44ch]" :key="one.rule" :data-rule="one.rule">
          {{ say(one.text) }}
        </li>
      </ol>
    </div>
    <p
      class="clock slab text-[5rem] self-center max-md:text-[3.4rem]"
      role="timer"
      :class="{ over }"
      :aria-label="`It has bled for ${clock}`"
    >
      {{ clock }}
    </p>
    <div class="two col-span-full grid grid-cols-[1.6fr_1fr] gap-14 max-md:grid-cols-2">
      <KeyButton k="space" pedal="on" class="big" @press="$emit('stopped')">It has stopped</KeyButton>
      <KeyButton k="m" class="big vet" :class="{ over }" @press="$emit('vet')">To the vet</KeyButton>
    </div>
  </section>
</template>

<style scoped>
.over {
  color: rgb(var(--v-theme-error));
}
.bleeds .two .vet {
  background: rgb(var(--v-theme-surface));
  color: rgb(var(--v-theme-error));
  border: 3px solid rgb(var(--v-theme-error));
}
</style>
