<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiProblem, messageOf } from '@/api/client'
import { FOR_GOOD, useSections, useView } from '@/api/queries'
import type { Breed, CoatForm, CoatKindInfo, Doubt, Region, Section } from '@/api/types'
import { labelOf } from '@/api/words'
import CoatMap from '@/bodymap/CoatMap.vue'
import { drawnDog } from '@/bodymap/dog'
import { useDog } from '@/dog/useDogs'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import CoatStart from './CoatStart.vue'
import HairEditor from './HairEditor.vue'
import RegionPick from './RegionPick.vue'
import { coatPages } from './pages'
import { useCoat, useSaveCoat } from './useCoat'
import { useDoubts } from './useCoatFinder'
import { allOfKind, NEW_COAT, REGIONS } from './words'
import ActKey from '@/shell/ActKey.vue'

const props = defineProps<{ dogId: number }>()

const route = useRoute()
const router = useRouter()
const { tell } = useNotice()
const { length, say } = useUnits()
const { list, names } = useSections()
const stored = useCoat(() => props.dogId)
const kinds = useView('coat-kinds', FOR_GOOD)
const dog = useDog(() => props.dogId)
const save = useSaveCoat(() => props.dogId)
const question = useDoubts()

const { draft, start, clear, forget, restored } = useDraft<CoatForm>(`coat-${props.dogId}`)
watch(stored.data, (coat) => coat !== undefined && start(coat ?? NEW_COAT), { immediate: true })

const isNew = computed(() => stored.data.value === null)
/** A new coat is first described all over, then where it differs. */
const found = computed(() => route.query.found as Region | 'all' | undefined)
const chosen = ref<Region[]>(
  REGIONS.map((r) => r.value).filter((r) => !found.value || found.value === 'all' || r === found.value),
)
const allOver = computed(() => chosen.value.length === REGIONS.length)
const selectedSections = computed<Section[]>(() =>
  allOver.value ? [] : list.value.filter((s) => chosen.value.includes(s.region)).map((s) => s.section),
)
const hairs = computed(() => draft.value!.regions.filter((hair) => chosen.value.includes(hair.region)))

function inShort(region: Region): string {
  const hair = draft.value!.regions.find((r) => r.region === region)!
  const kind = labelOf('CoatKind', hair.kind)
  return hair.millimetres ? `${kind}, ${length(hair.millimetres)}` : `${kind}, not measured`
}

function pickSection(section: Section) {
  const region = list.value.find((s) => s.section === section)?.region
  if (region) chosen.value = [region]
}

/** Said once, with the regions it is about. */
const problems = computed(() => {
  const fields = save.error.value instanceof ApiProblem ? save.error.value.fields : []
  return [...new Set(fields.map((field) => field.message))].map((message) => ({
    message,
    where: fields.filter((field) => field.message === message).flatMap((field) => regionOf(field.field) ?? []),
  }))
})

/** Which region "regions[3].millimetres" is about. */
function regionOf(field: string): string | undefined {
  const region = draft.value?.regions[Number(/\[(\d+)]/.exec(field)?.[1] ?? -1)]?.region
  return REGIONS.find((r) => r.value === region)?.title.toLowerCase()
}

/** What was rarely so, and is asked about once before it is kept. */
const doubts = ref<Doubt[]>([])
watch(
  draft,
  () => {
    doubts.value = []
  },
  { deep: true },
)
const doubtsShown = computed(() =>
  [...new Map(doubts.value.map((d) => [d.question.text, d])).values()].map((d) => ({
    ...d,
    where: doubts.value
      .filter((x) => x.question.text === d.question.text)
      .map((x) => REGIONS.find((r) => r.value === x.region)!.title.toLowerCase()),
  })),
)

const young = computed(() => dog.data.value?.form.lifeStage === 'PUPPY')
/** From a breed: a guess until its owner has looked it over and keeps it. */
const guessed = ref('')
function guess(breed: Breed) {
  draft.value = JSON.parse(JSON.stringify(young.value ? breed.puppyCoat : breed.coat)) as CoatForm
  chosen.value = REGIONS.map((r) => r.value)
  guessed.value = breed.name
}
function sayKind(kind: CoatKindInfo) {
  draft.value = { ...NEW_COAT, regions: allOfKind(kind) }
}
function startAnew() {
  forget(NEW_COAT)
  guessed.value = ''
}

async function submit() {
  const asked = doubts.value.length > 0
  if (!asked) {
    // A coat that cannot be kept at all is refused below, with the field named.
    doubts.value = await question.mutateAsync(draft.value!).catch(() => [])
    if (doubts.value.length) return
  }
  const first = isNew.value
  const kept = await save.mutateAsync(draft.value!).catch(() => undefined)
  if (!kept) return
  clear()
  tell('The coat is kept.')
  void router.push(`/dogs/${props.dogId}/${first ? 'kit' : 'dog'}`)
}
</script>

<template>
  <PageState
    :pending="!draft || !kinds.data.value || !dog.data.value"
    :error="stored.error.value"
    @retry="stored.refetch()"
  >
    <SubNav v-if="!isNew" label="Coat" :pages="coatPages(dogId)" />
    <CoatStart
      v-if="draft && !draft.regions.length"
      :dog-id="dogId"
      :name="dog.data.value?.form.name ?? 'it'"
      :breed="dog.data.value?.form.breed ?? ''"
      :kinds="kinds.data.value!"
      :young="young"
      @guess="guess"
      @say="sayKind"
    />
    <form v-else-if="draft" class="with-map" @submit.prevent="submit">
      <CoatMap
        :names="names"
        :dog="drawnDog(draft, dog.data.value?.form)"
        :selected="selectedSections"
        single
        @choose="pickSection"
      />
      <div>
        <h2>{{ isNew ? 'Is it so?' : 'The coat' }}</h2>
        <p v-if="guessed" class="found border-l-5 border-l-secondary pt-4 pr-0 pb-4 pl-14" role="status">
          This is the usual {{ guessed }}, a guess: change what differs, measure the lengths, and keep it when it is
          right.
        </p>
        <p v-else-if="isNew">Say how long it is all over; then pick the places that differ, here or on the dog.</p>
        <p v-if="isNew" class="quiet">
          <button type="button" class="dotted min-h-44" @click="startAnew">Begin again in another way</button>
        </p>
        <p v-if="found" class="found border-l-5 border-l-secondary pt-4 pr-0 pb-4 pl-14" role="status">
          What you found is filled in. Measure the lengths, look it over, and keep it.
        </p>
        <p v-else-if="restored && !guessed" class="quiet">
          Here is what you had entered before the page was closed; it is not kept yet.
          <button type="button" class="dotted min-h-44" @click="forget(stored.data.value ?? NEW_COAT)">
            Forget it
          </button>
        </p>
        <RegionPick :chosen="chosen" all-over="All over" :says="inShort" @choose="chosen = $event" />
        <HairEditor :hairs="hairs" :kinds="kinds.data.value!" />
        <v-checkbox-btn v-model="draft.sheddingHeavily" class="my-4">
          <template #label
            ><span
              >The undercoat is coming out in handfuls just now
              <small class="block text-xs">heavy shedding, spring or autumn</small></span
            ></template
          >
        </v-checkbox-btn>
        <v-checkbox-btn v-model="draft.neglected" class="my-4">
          <template #label
            ><span
              >No comb has been to the skin for weeks
              <small class="block text-xs">fingers and mist come first then</small></span
            ></template
          >
        </v-checkbox-btn>
        <div
          v-if="doubts.length"
          class="border-[1.5px] border-dashed border-primary rounded-cut py-10 px-16 mt-8 mx-0 mb-16"
          role="alert"
        >
          <strong>Is that so?</strong>
          <p v-for="doubt in doubtsShown" :key="doubt.question.text">
            {{ say(doubt.question.text) }}
            <small>({{ doubt.where.length === REGIONS.length ? 'all over' : doubt.where.join(', ') }})</small>
          </p>
          <p>Look again and change it above, or keep it as it is.</p>
        </div>
        <div v-if="save.error.value" class="caution" role="alert">
          <strong>{{ messageOf(save.error.value) }}</strong>
          <div v-for="problem in problems" :key="problem.message">
            {{ problem.message }}
            <small v-if="problem.where.length"
              >({{ problem.where.length === REGIONS.length ? 'all over' : problem.where.join(', ') }})</small
            >
          </div>
        </div>
        <ActKey type="submit" color="primary" size="large" :loading="save.isPending.value">
          {{ doubts.length ? 'It is so: keep it' : isNew ? 'On to the tools' : 'Keep this coat' }}
        </ActKey>
      </div>
    </form>
  </PageState>
</template>
