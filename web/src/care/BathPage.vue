<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { messageOf } from '@/api/client'
import choices from '@/api/choices'
import { useSections } from '@/api/queries'
import type { BathKind, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import { useBegin } from '@/shell/useBegin'
import KeyButton from '@/shell/KeyButton.vue'
import { minutes, useUnits } from '@/shell/useUnits'
import BathGate from './BathGate.vue'
import FeelDry from './FeelDry.vue'
import JobFrame from './JobFrame.vue'
import LedSteps from './LedSteps.vue'
import { useBath } from './useCare'
import { useJob } from './useJob'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** A bath from its gate to the last dry place. */
const props = defineProps<{ dogId: number }>()

const { say } = useUnits()
const router = useRouter()
const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const kind = ref<BathKind>('WHOLE_DOG')
const bath = useBath(props.dogId, kind)
const begin = useBegin()
const run = useJob(props.dogId, 'BATH')
const { at, table, end } = run

const view = computed(() => bath.data.value)
const steps = computed(() => view.value?.steps ?? [])
// A dog that still learns to be bathed is washed only where it is dirty, with water.
watch(
  () => run.learning.value,
  (learning) => learning && !begun.value && !bathed.value && (kind.value = 'RINSE'),
)
/** Where the fingers felt a lump. */
const lumps = ref<Section[]>([])
const searching = computed(() => view.value?.gate.way === 'SEARCH_FIRST')
/** Why it does not wait for what the dog still learns. */
const owed = computed(() => [run.view.value?.why].find((why) => why?.rule === 'care.owed'))
const begun = ref(false)
/** What was said here, which the server may not have heard yet. */
const bathed = ref(false)
const felt = ref(new Map<Section, boolean>())
const damp = computed(() =>
  view.value?.damp?.warning || bathed.value || felt.value.size ? view.value?.damp : undefined,
)
const places = computed(() =>
  (damp.value?.felt ?? []).map((place) => ({ ...place, dry: felt.value.get(place.section) ?? place.dry })),
)
/** Those no hand has felt come first, then those that were damp. */
const next = computed(
  () => places.value.find((place) => place.dry === undefined) ?? places.value.find((place) => place.dry === false),
)
const FELT: Record<'search' | 'lump' | 'none' | 'dry' | 'damp', Paint> = {
  search: { fill: 'rgba(var(--v-theme-heather), 0.35)', says: 'to be felt' },
  lump: { fill: 'rgb(var(--v-theme-heather))', mat: 'UP_TO_20_MM', says: 'a lump' },
  none: { fill: 'rgba(var(--v-theme-slate), 0.25)', says: 'not felt yet' },
  dry: { fill: 'rgba(var(--v-theme-secondary), 0.55)', says: 'dry to the skin' },
  damp: { fill: 'rgb(var(--v-theme-slate))', says: 'still damp' },
}
const COMB_FIRST: Paint = { fill: 'rgba(var(--v-theme-primary), 0.4)', says: 'comb it first' }
const paint = computed(() => {
  const paints: Partial<Record<Section, Paint>> = {}
  if (damp.value)
    for (const { section, dry } of places.value)
      paints[section] = FELT[dry === undefined ? 'none' : dry ? 'dry' : 'damp']
  else {
    const { first = [], mats = [], search = [] } = view.value?.gate ?? {}
    for (const section of [...first, ...mats]) paints[section] = COMB_FIRST
    for (const section of search) paints[section] = FELT[lumps.value.includes(section) ? 'lump' : 'search']
  }
  return paints
})

function lump(section: Section) {
  if (!searching.value || !view.value!.gate.search.includes(section)) return
  lumps.value = lumps.value.includes(section)
    ? lumps.value.filter((other) => other !== section)
    : [...lumps.value, section]
}
function searched() {
  table.searched(view.value!.gate.search, lumps.value)
  lumps.value = []
}
/** The gate as it is now, not as it was when the page was opened. */
async function goIn() {
  const now = await bath.refetch()
  if ((now.data ?? view.value)?.gate.way === 'BATHE') begun.value = true
}

function waterOff() {
  table.bathed(kind.value)
  bathed.value = true
  begun.value = false
  at.value = 0
}
function feel(dry: boolean) {
  const section = next.value?.section
  if (!section) return
  table.felt(section, dry)
  felt.value = new Map(felt.value).set(section, dry)
}
function back() {
  if (run.back()) return
  if (felt.value.size) {
    table.undo()
    const fewer = new Map(felt.value)
    fewer.delete([...fewer.keys()].at(-1)!)
    felt.value = fewer
  } else if (bathed.value) {
    table.undo()
    bathed.value = false
  } else begun.value = false
}
/** Water alone is no bath: nothing more is asked. */
const rinsed = computed(() => damp.value?.bath === 'RINSE')
const lineBrush = () => router.push(`/dogs/${props.dogId}/today/routine`)
</script>

<template>
  <JobFrame
    :run="run"
    :title="damp ? 'Drying to the skin' : 'Bath'"
    :at="at"
    :all="{ title: 'It is dirty', hint: 'rinsed or bathed, as far as may be' }"
    :of="begun && !damp ? steps.length : undefined"
    :first="!damp && !at"
    :going="!!damp"
    :can-back="begun || felt.size > 0 || bathed || !!end"
    :pending="!view"
    :error="bath.error.value"
    :refused="begin.error.value ? messageOf(begin.error.value) : undefined"
    @back="back"
    @retry="bath.refetch()"
  >
    <LedSteps
      v-if="begun && !damp"
      :steps="steps"
      :at="at"
      :disabled="table.saving.value"
      last="The water is off"
      @next="at < steps.length - 1 ? at++ : waterOff()"
    />
    <section
      v-else
      class="side flex-1 grid grid-cols-[minmax(320px,36%)_1fr] gap-44 items-center max-md:grid-cols-1 max-md:gap-8 max-md:content-start"
    >
      <CoatMap
        :names="names"
        :dog="drawn"
        :paint="paint"
        :selected="damp && next ? [next.section] : []"
        :class="{ unmarked: !Object.keys(paint).length }"
        :still="!searching || !!damp"
        @choose="lump"
      />
      <FeelDry
        v-if="damp && next"
        :place="names[next.section] ?? ''"
        :again="next.dry === false"
        :minutes="minutes(60 * view!.dryMinutes)"
        :warning="damp.warning"
        :heed="view!.heed"
        :saving="table.saving.value"
        @felt="feel"
      />
      <div v-else-if="damp" class="min-w-0 flex flex-col gap-14">
        <h1>Dry to the skin everywhere</h1>
        <p>Hair is softest and easiest now: brush it line by line, comb following.</p>
        <router-link v-if="rinsed" class="big" to="/">Rinsed and dry</router-link>
        <KeyButton v-else k="space" pedal="on" class="big" :disabled="table.saving.value" @press="run.finish('DONE')"
          >How did it take it?</KeyButton
        >
        <KeyButton k="b" class="other" @press="lineBrush">Line brush now</KeyButton>
      </div>
      <div v-else class="min-w-0 flex flex-col gap-14">
        <div
          class="kinds flex flex-wrap gap-10 max-md:grid max-md:grid-cols-3 max-md:gap-6"
          role="group"
          aria-label="How much of the dog"
        >
          <ChoiceKey
            v-for="one in choices.BathKind"
            class="min-h-64"
            :key="one.value"
            :on="kind === one.value"
            @click="kind = one.value"
          >
            {{ one.title }}
            <small class="max-md:hidden">{{ one.hint }}</small>
          </ChoiceKey>
        </div>
        <p v-if="owed" class="caution" :data-rule="owed.rule">{{ say(owed.text) }}</p>
        <BathGate
          :dog-id="dogId"
          :view="view!"
          :lumps="lumps"
          :names="names"
          :busy="begin.isPending.value || table.saving.value"
          @begin="goIn"
          @searched="searched"
          @rinse="kind = 'RINSE'"
          @brush="begin.mutate({ dogId, sections: $event })"
        />
      </div>
    </section>
    <template #end>
      <KeyButton v-if="end === 'DONE'" k="b" class="other" @press="lineBrush">Line brush now</KeyButton>
    </template>
    <template #foot>
      <KeyButton v-if="begun && !damp" k="w" :disabled="table.saving.value" @press="waterOff"
        >Enough water: dry it now</KeyButton
      >
    </template>
  </JobFrame>
</template>

<style scoped>
p {
  font-size: 1.2rem;
}
@media (max-width: 899px) {
  /* Nothing is marked on it then. */
  .unmarked {
    display: none;
  }
}
</style>
