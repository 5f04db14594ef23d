<script setup lang="ts">
import { computed } from 'vue'
import type { Race, Reason, Section } from '@/api/types'
import { useUnits } from '@/shell/useUnits'

/** The race between trust and tangle: for each place in training, when it will be ready and what mats by then. */
const props = defineProps<{
  races: readonly Race[]
  names: Partial<Record<Section, string>>
  /** Where each is practised. */
  to: (section: Section) => string | undefined
  rung: (section: Section) => number | undefined
}>()

const { say } = useUnits()
const lost = computed(() => props.races.filter((race) => race.lost))
const waysOut = computed(() => {
  const ways = new Map<string, Reason>()
  for (const race of lost.value) for (const way of race.waysOut) if (!ways.has(way.rule)) ways.set(way.rule, way)
  return [...ways.values()]
})

function ready(race: Race): string {
  if (race.ready === undefined) return 'cannot be told yet'
  const days = race.ready === 1 ? 'about a day' : `about ${race.ready} days`
  return race.from === race.to ? days : `${days} (${race.from} to ${race.to ?? 'many'})`
}
function mats(race: Race): string {
  if (race.nobodyKnows) return 'nobody knows yet'
  return race.matsThen < 0.25 ? 'hardly any' : race.matsThen < 5 ? race.matsThen.toFixed(1) : 'grown into one'
}
</script>

<template>
  <div>
    <table class="w-full max-w-760 border-collapse">
      <thead>
        <tr>
          <th>Place</th>
          <th>Ready in</th>
          <th>Mats by then</th>
          <th><span class="sr absolute clipped">Practice</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="race in races" :key="race.section" :class="{ lost: race.lost }">
          <th scope="row">{{ names[race.section] }}</th>
          <td>{{ ready(race) }}</td>
          <td>
            <b v-if="race.lost">{{ mats(race) }}</b><template v-else>{{ mats(race) }}</template>
          </td>
          <td>
            <router-link v-if="to(race.section)" class="text-inherit whitespace-nowrap" :to="to(race.section)!"
              >rung {{ rung(race.section) }}: practise</router-link
            >
          </td>
        </tr>
      </tbody>
    </table>
    <div v-if="waysOut.length" class="mt-10">
      <h4 class="text-base">
        {{ lost.length === 1 ? 'One place' : `${lost.length} places` }} {{ lost.length === 1 ? 'mats' : 'mat' }} before
        the dog is ready. Ways out, the kindest first:
      </h4>
      <ol class="pl-22">
        <li v-for="way in waysOut" :key="way.rule" :data-rule="way.rule">{{ say(way.text) }}</li>
      </ol>
    </div>
  </div>
</template>

<style scoped>
th {
  text-align: left;
  font-weight: 400;
}
thead th {
  font-size: 0.9rem;
  opacity: 0.88;
}
tbody th {
  font-weight: 700;
}
tbody th::first-letter {
  text-transform: uppercase;
}
td,
tbody th {
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding: 7px 12px 7px 0;
}
@media (max-width: 379px) {
  td,
  tbody th {
    padding-right: 6px;
    font-size: 0.9rem;
    overflow-wrap: anywhere;
  }
}
.lost b {
  color: rgb(var(--v-theme-primary));
}
</style>
