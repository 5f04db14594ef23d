<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { messageOf } from '@/api/client'
import choices from '@/api/choices'
import { daysAgo } from '@/shell/useUnits'
import { useLife } from './useLife'
import ChoiceKey from '@/shell/ChoiceKey.vue'

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
  <section v-if="life.data.value && day" class="no-print my-14 mx-0" aria-labelledby="life">
    <div class="head flex flex-wrap gap-y-4 gap-x-18 items-center">
      <h2 class="text-lg m-0" id="life" ref="title">What the day did</h2>
      <div role="group" aria-label="Day" class="days flex gap-4">
        <button
          v-for="(one, i) in life.data.value.days.slice(0, 3)"
          class="min-h-44 py-0 px-8 text-md"
          :key="one.day"
          type="button"
          :aria-pressed="back === i"
          @click="back = i"
        >
          {{ daysAgo(today, one.day) }}
        </button>
      </div>
    </div>
    <div class="events flex flex-wrap gap-6" role="group" :aria-label="`It … ${daysAgo(today, day.day)}`">
      <ChoiceKey
        v-for="one in choices.LifeEvent"
        :key="one.value"
        :on="day.events.includes(one.value)"
        :disabled="toggle.isPending.value"
        @click="toggle.mutate({ day: day.day, event: one.value, happened: !day.events.includes(one.value) })"
      >
        {{ one.label }}
      </ChoiceKey>
    </div>
    <p v-if="wet" class="mt-8">
      It rained {{ daysAgo(today, wet.day)
      }}<template v-if="life.data.value.weatherSimulated"> (simulated weather)</template>.
      <button class="dotted min-h-44" type="button" :disabled="toggle.isPending.value" @click="wasSoaked">
        It got soaked
      </button>
    </p>
    <p v-if="toggle.error.value" class="caution" role="alert">
      <strong>{{ messageOf(toggle.error.value) }}</strong>
    </p>
  </section>
</template>
