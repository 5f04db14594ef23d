<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { messageOf } from '@/api/client'
import choices from '@/api/choices'
import { daysAgo } from '@/shell/useUnits'
import { useLife } from './useLife'

/** What the day did to the coat: one tap says so, another takes it back. */
const props = defineProps<{ dogId: number; today: string }>()

const { life, toggle } = useLife(() => props.dogId)
const back = ref(0)
const route = useRoute()
const title = ref<HTMLElement>()
// Whoever asked for it is led to it, once it is there.
watch(title, (there) => route.hash === '#life' && there?.scrollIntoView())
const day = computed(() => life.data.value?.days[back.value])
/** The newest wet day of which nothing was said yet. */
const wet = computed(() => life.data.value?.days.find((day) => day.wet && !day.events.includes('SOAKED')))
const wasSoaked = () => toggle.mutate({ day: wet.value!.day, event: 'SOAKED', happened: true })
</script>

<template>
  <section v-if="life.data.value && day" class="life no-print" aria-labelledby="life">
    <div class="head">
      <h3 id="life" ref="title">What the day did</h3>
      <div role="group" aria-label="Day" class="days">
        <button
          v-for="(one, i) in life.data.value.days.slice(0, 3)"
          :key="one.day"
          type="button"
          :aria-pressed="back === i"
          @click="back = i"
        >
          {{ daysAgo(today, one.day) }}
        </button>
      </div>
    </div>
    <div class="events" role="group" :aria-label="`It … ${daysAgo(today, day.day)}`">
      <button
        v-for="one in choices.LifeEvent"
        :key="one.value"
        type="button"
        :aria-pressed="day.events.includes(one.value)"
        :disabled="toggle.isPending.value"
        @click="toggle.mutate({ day: day.day, event: one.value, happened: !day.events.includes(one.value) })"
      >
        {{ one.label }}
      </button>
    </div>
    <p v-if="wet" class="wet">
      It rained {{ daysAgo(today, wet.day)
      }}<template v-if="life.data.value.weatherSimulated"> (simulated weather)</template>.
      <button type="button" :disabled="toggle.isPending.value" @click="wasSoaked">It got soaked</button>
    </p>
    <p v-if="toggle.error.value" class="caution" role="alert">
      <strong>{{ messageOf(toggle.error.value) }}</strong>
    </p>
  </section>
</template>

<style scoped>
.life {
  margin: 14px 0;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
}
h3 {
  margin: 0;
}
.days {
  display: flex;
  gap: 4px;
}
.days button {
  min-height: 44px;
  padding: 0 8px;
  font-size: 0.95rem;
}
.days button[aria-pressed='true'] {
  font-weight: 700;
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 5px;
}
.events {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.events button {
  border: 1.5px solid rgb(var(--v-theme-seam));
  background: rgb(var(--v-theme-surface));
  padding: 6px 12px;
  min-height: 44px;
  border-radius: 9px 7px 10px 6px;
  line-height: 1.2;
  font-size: 0.97rem;
}
.events button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -3px rgb(var(--v-theme-primary));
  font-weight: 700;
}
.wet {
  margin-top: 8px;
}
.wet button {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  min-height: 44px;
}
</style>
