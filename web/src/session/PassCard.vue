<script setup lang="ts">
import { computed } from 'vue'
import type { Section, SessionView } from '@/api/types'
import { minutes } from '@/shell/useUnits'
import { useSections } from '@/api/queries'
import { placesInShort } from '@/kit/places'
import { capital, mistNearTheFace, toolLine, usualTools, type How } from './phrases'

/** A tool that goes over the whole dog: where to, in the order of the grips, and what is different there. */
const props = defineProps<{
  names: Partial<Record<Section, string>>
  places: readonly How[]
  steps: SessionView['steps']
  /** Where the voice is; absent: it does not lead. */
  now?: { place?: Section }
}>()

const { named } = useSections()
const usual = computed(() => usualTools(props.places))
/** Its name stands above already; what goes before it is named. */
const tools = computed(() => {
  const like = props.places.find((place) => toolLine(place) === usual.value)!
  return like.tools.length === 1 ? `${capital(like.tools[0]!.brief)}.` : usual.value
})
const mist = computed(() => mistNearTheFace(props.places))
const strokes = computed(() => {
  const each = props.places.map((place) => place.strokesAtMost)
  const [most, least] = [Math.max(...each), Math.min(...each)]
  return `At most ${most} strokes on a spot${least < most ? `, ${least} where the skin is thin` : ''}.`
})
const seconds = computed(() => props.places.reduce((sum, place) => sum + place.seconds, 0))

/** In the order of the grips, as the comb will come to them; the one the voice is at. */
const order = computed(() =>
  props.steps
    .map((step) => ({ step, places: props.places.filter((place) => step.sections.includes(place.section)) }))
    .filter(({ places }) => places.length)
    .map(({ step, places }) => ({
      label: places.length === 1 ? props.names[places[0]!.section] : step.label,
      now: places.some((place) => place.section === props.now?.place),
    })),
)
/** Where the tool is led otherwise than at most places. */
const otherwise = computed(() => {
  const by = new Map<string, Section[]>()
  props.places
    .filter((place) => toolLine(place) !== usual.value)
    .forEach((place) => {
      const brief = place.tools.at(-1)!.brief
      by.set(brief, [...(by.get(brief) ?? []), place.section])
    })
  return [...by].map(([brief, sections]) => ({ brief, sections }))
})
</script>

<template>
  <div class="round text-[clamp(1.5rem,2.1vw,1.75rem)] leading-tight">
    <p class="tools text-primary font-bold">
      {{ tools }}
      <span class="strokes">{{ strokes }}</span>
    </p>
    <p v-for="one in otherwise" :key="one.brief" class="otherwise text-xl">
      <b>{{ capital(one.brief) }}:</b> {{ placesInShort(one.sections, named, 8) }}
    </p>
    <p v-if="mist" class="otherwise text-xl" data-rule="routine.mist-face">{{ mist }}</p>
    <p class="where seam-t pt-10 text-2xl">
      {{ places.length === 1 ? 'At one place' : `Over ${places.length} places` }}, about {{ minutes(seconds) }}.
      <span class="order inline-block max-md:hidden"
        ><template v-for="(grip, i) in order" :key="grip.label"
          >{{ i ? ' · ' : '' }}<span :class="{ now: grip.now }">{{ grip.label }}</span></template
        >.</span
      >
      Press when it has been everywhere.
    </p>
  </div>
</template>

<style scoped>
.round p {
  max-width: none;
  margin: 0 0 10px;
}
.order::first-letter {
  text-transform: uppercase;
}
.now {
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
  text-decoration: underline;
  text-underline-offset: 4px;
}
/* The drawn dog shows it there. */
@media (max-width: 899px) {
  .round {
    font-size: 1.35rem;
    line-height: 1.2;
  }
  .round p {
    margin-bottom: 5px;
  }
  .otherwise,
  .where {
    font-size: 1.1rem;
  }
}
@media (max-height: 700px) and (max-width: 559px) {
  .round {
    font-size: 1.1rem;
  }
  .otherwise,
  .where {
    font-size: 1rem;
  }
}
@media (max-height: 520px) and (min-width: 560px) and (max-width: 1023px) {
  .round {
    font-size: 1.1rem;
    line-height: 1.2;
  }
  .round p {
    margin-bottom: 2px;
  }
  .otherwise,
  .where {
    font-size: 0.95rem;
  }
}
</style>
