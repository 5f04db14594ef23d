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
  <section class="bleeds">
    <div aria-live="polite">
      <h1>{{ over ? 'Ten minutes: call your vet' : 'It happens. Press, and stay calm.' }}</h1>
      <ol>
        <li v-for="one in todo" :key="one.rule" :data-rule="one.rule">{{ say(one.text) }}</li>
      </ol>
    </div>
    <p class="clock slab" role="timer" :class="{ over }" :aria-label="`It has bled for ${clock}`">{{ clock }}</p>
    <div class="two">
      <KeyButton k="space" pedal="on" class="big" @press="$emit('stopped')">It has stopped</KeyButton>
      <KeyButton k="m" class="big vet" :class="{ over }" @press="$emit('vet')">To the vet</KeyButton>
    </div>
  </section>
</template>

<style scoped>
.bleeds {
  flex: 1;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 20px 40px;
  align-content: center;
}
h1 {
  font-size: clamp(1.8rem, 3.2vw, 2.7rem);
}
ol {
  padding-left: 26px;
  margin-top: 14px;
}
li {
  font-size: 1.35rem;
  line-height: 1.35;
  margin-bottom: 10px;
  max-width: 44ch;
}
.clock {
  font-size: 5rem;
  align-self: center;
}
.over {
  color: rgb(var(--v-theme-error));
}
.two {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 1.6fr 1fr;
  gap: 14px;
}
.bleeds .two .vet {
  background: rgb(var(--v-theme-surface));
  color: rgb(var(--v-theme-error));
  border: 3px solid rgb(var(--v-theme-error));
}
@media (max-width: 899px) {
  .bleeds {
    grid-template-columns: 1fr;
  }
  .clock {
    font-size: 3.4rem;
  }
  .two {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
