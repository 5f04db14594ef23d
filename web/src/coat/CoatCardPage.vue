<script setup lang="ts">
import { computed } from 'vue'
import { FOR_GOOD, useSections, useView } from '@/api/queries'
import type { CoatForm, Region, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { drawnDog } from '@/bodymap/dog'
import type { Paint } from '@/bodymap/paints'
import { useDog } from '@/dog/useDogs'
import CardTitle from '@/shell/CardTitle.vue'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useUnits } from '@/shell/useUnits'
import { coatPages } from './pages'
import { useCoat } from './useCoat'
import { useReadings } from './useReadings'
import { choiceOf, labelOf } from '@/api/words'
import { REGIONS } from './words'

const props = defineProps<{ dogId: number }>()

const { length, growth, weighed, say } = useUnits()
const { names } = useSections()
const dog = useDog(() => props.dogId)
const stored = useCoat(() => props.dogId)
const kinds = useView('coat-kinds', FOR_GOOD)
const { readings } = useReadings(() => props.dogId)

/** One place of each region carries its letter on the drawing. */
const PLACE: Record<Region, Section[]> = {
  HEAD: ['CROWN'],
  EARS: ['EAR_LEFT', 'EAR_RIGHT'],
  NECK: ['NECK_RUFF'],
  BODY: ['SIDE_LEFT', 'SIDE_RIGHT'],
  LEGS: ['FRONT_LEG_LEFT', 'FRONT_LEG_RIGHT'],
  REAR: ['REAR_TROUSERS'],
  TAIL: ['TAIL_WHOLE'],
}
const letters = Object.fromEntries(REGIONS.map((r, i) => [r.value, 'ABCDEFG'[i]!])) as Record<Region, string>
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(REGIONS.flatMap((r) => PLACE[r.value].map((section) => [section, { letter: letters[r.value] }]))),
)

const rows = computed(() =>
  REGIONS.map((r) => {
    const hair = stored.data.value!.regions.find((x) => x.region === r.value)!
    const grown = readings.data.value?.find((x) => x.region === r.value)?.growth
    return {
      region: r.value,
      title: r.title,
      hair,
      kind: kinds.data.value?.find((k) => k.kind === hair.kind),
      density: choiceOf('Density', hair.density).title.toLowerCase(),
      texture: labelOf('Texture', hair.texture),
      growth: grown && grown.readings > 1 ? growth(grown.millimetresPerDay) : '',
    }
  }),
)
const limits = computed(() => [
  ...new Map(rows.value.filter((r) => r.kind?.limits).map((r) => [r.kind!.kind, r.kind!.limits!])).values(),
])
function state(coat: CoatForm): string {
  return [
    coat.sheddingHeavily && 'The undercoat is letting go just now.',
    coat.neglected && 'No comb has been to the skin for weeks.',
  ]
    .filter(Boolean)
    .join(' ')
}
</script>

<template>
  <PageState
    :pending="!stored.data.value || !dog.data.value || !kinds.data.value"
    :error="stored.error.value"
    @retry="stored.refetch()"
  >
    <div v-if="stored.data.value && dog.data.value" class="card print:text-[10pt]">
      <SubNav label="Coat" :pages="coatPages(dogId)" />
      <CardTitle>{{ dog.data.value.form.name }}’s coat</CardTitle>
      <p>
        {{ [dog.data.value.form.breed, weighed(dog.data.value.form)].filter(Boolean).join(', ') }}.
        {{ state(stored.data.value) }}
      </p>
      <div class="cols grid grid-cols-[36%_1fr] gap-32 items-start mt-12">
        <CoatMap :names="names" :dog="drawnDog(stored.data.value, dog.data.value.form)" :paint="paint" still />
        <div>
          <table class="border-collapse w-full mb-12 max-[400px]:wrap-anywhere">
            <thead>
              <tr>
                <th scope="col"><span class="sr absolute clipped">Letter</span></th>
                <th scope="col">Where</th>
                <th scope="col">Length</th>
                <th scope="col">Kind</th>
                <th scope="col">Hair</th>
                <th scope="col">Grows</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in rows" :key="row.region">
                <td class="slab">{{ letters[row.region] }}</td>
                <th scope="row">{{ row.title }}</th>
                <td class="mm min-w-92 max-[400px]:min-w-0">
                  <b>{{ length(row.hair.millimetres) }}</b><i
                    class="block h-5 rounded-fine bg-primary mt-4"
                    :style="{ width: `${Math.min(100, row.hair.millimetres / 2)}%` }"
                    aria-hidden="true"
                  />
                </td>
                <td>{{ labelOf('CoatKind', row.hair.kind) }}</td>
                <td>
                  {{ row.density }}, {{ row.texture }}{{ row.hair.undercoat ? ', undercoat' : '' }},
                  {{ labelOf('Colour', row.hair.colour) }}{{ row.hair.clipped ? ', clipped' : '' }}
                </td>
                <td>{{ row.growth || 'not measured' }}</td>
              </tr>
            </tbody>
          </table>
          <p v-for="limit in limits" :key="limit.rule" class="caution">{{ say(limit.text) }}</p>
          <p class="quiet">Lengths are from the skin along a stretched hair.</p>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
th,
td {
  text-align: left;
  padding: 9px 12px 9px 0;
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
  vertical-align: top;
  line-height: 1.2;
}
thead th {
  font-size: 0.9rem;
}
@media (max-width: 899px) {
  .cols {
    grid-template-columns: 1fr;
  }
  th,
  td {
    padding-right: 8px;
    font-size: 0.9rem;
  }
}
@media print {
  .cols {
    grid-template-columns: 40% 1fr;
    gap: 16px;
  }
  .mm i {
    print-color-adjust: exact;
  }
}
</style>
