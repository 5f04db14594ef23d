<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { ApiProblem, saysWhat } from '@/api/client'
import { useSections } from '@/api/queries'
import type { CoatForm, Region, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import PageState from '@/shell/PageState.vue'
import { useDraft } from '@/shell/useDraft'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import HairEditor from './HairEditor.vue'
import { drawn, useCoat, useCoatKinds, useSaveCoat } from './useCoat'
import { NEW_COAT, REGIONS } from './words'

const props = defineProps<{ dogId: number }>()

const router = useRouter()
const { tell } = useNotice()
const { length } = useUnits()
const { list, names } = useSections()
const stored = useCoat(() => props.dogId)
const kinds = useCoatKinds()
const save = useSaveCoat(() => props.dogId)

const { draft, start, clear, forget, restored } = useDraft<CoatForm>(`coat-${props.dogId}`)
watch(stored.data, (coat) => coat !== undefined && start(coat ?? NEW_COAT), { immediate: true })

const isNew = computed(() => stored.data.value === null)
/** A new coat is first described all over, then where it differs. */
const chosen = ref<Region[]>(REGIONS.map((r) => r.value))
const allOver = computed(() => chosen.value.length === REGIONS.length)
const selectedSections = computed<Section[]>(() => allOver.value ? []
  : list.value.filter((s) => chosen.value.includes(s.region)).map((s) => s.section))
const hairs = computed(() => draft.value!.regions.filter((hair) => chosen.value.includes(hair.region)))

function inShort(region: Region): string {
  const hair = draft.value!.regions.find((r) => r.region === region)!
  return `${kinds.data.value?.find((k) => k.kind === hair.kind)?.label}, ${length(hair.millimetres)}`
}

function pickSection(section: Section) {
  const region = list.value.find((s) => s.section === section)?.region
  if (region) chosen.value = [region]
}

const problems = computed(() => save.error.value instanceof ApiProblem ? save.error.value.fields : [])

/** Which region "regions[3].millimetres" is about. */
function regionOf(field: string): string {
  const region = draft.value?.regions[Number(/\[(\d+)]/.exec(field)?.[1] ?? -1)]?.region
  const title = REGIONS.find((r) => r.value === region)?.title
  return title ? `${title}:` : ''
}

async function submit() {
  const first = isNew.value
  const kept = await save.mutateAsync(draft.value!).catch(() => undefined)
  if (!kept) return
  clear()
  tell('The coat is kept.')
  void router.push(`/dogs/${props.dogId}/${first ? 'tools' : 'when'}`)
}
</script>

<template>
  <PageState :pending="!draft || !kinds.data.value" :error="stored.error.value" @retry="stored.refetch()">
    <form v-if="draft" class="with-map" @submit.prevent="submit">
      <CoatMap :names="names" :coat="drawn(draft)" :selected="selectedSections" single @choose="pickSection" />
      <div>
        <h2>{{ isNew ? 'What grows where?' : 'The coat' }}</h2>
        <p v-if="isNew">First say what grows all over; then pick the places that differ, here or on the dog.</p>
        <p v-if="restored" class="quiet">Here is what you had entered before the page was closed; it is not kept yet.
          <button type="button" class="forget" @click="forget(stored.data.value ?? NEW_COAT)">Forget it</button></p>
        <div class="regions" role="group" aria-label="Region">
          <button type="button" :aria-pressed="allOver" @click="chosen = REGIONS.map((r) => r.value)"><b>All over</b></button>
          <button v-for="region in REGIONS" :key="region.value" type="button"
            :aria-pressed="!allOver && chosen.includes(region.value)" @click="chosen = [region.value]">
            <b>{{ region.title }}</b>
            <small>{{ inShort(region.value) }}</small>
          </button>
        </div>
        <HairEditor :hairs="hairs" :kinds="kinds.data.value!" />
        <label class="shed"><input v-model="draft.sheddingHeavily" type="checkbox" />
          <span>The undercoat is coming out in handfuls just now <small>heavy shedding, spring or autumn</small></span></label>
        <div v-if="save.error.value" class="caution" role="alert">
          <strong>{{ saysWhat(save.error.value) }}</strong>
          <div v-for="problem in problems" :key="problem.field">{{ regionOf(problem.field) }} {{ problem.message }}</div>
        </div>
        <v-btn type="submit" color="primary" size="large" :loading="save.isPending.value">
          {{ isNew ? 'On to the tools' : 'Keep this coat' }}
        </v-btn>
      </div>
    </form>
  </PageState>
</template>

<style scoped>
.regions { display: flex; flex-wrap: wrap; gap: 8px; margin: 14px 0; }
.regions button { text-align: left; min-height: 52px; padding: 6px 14px; border: 1.5px solid rgb(var(--v-theme-seam)); border-radius: 10px 8px 11px 7px; background: rgb(var(--v-theme-surface)); }
.regions button[aria-pressed='true'] { background: rgb(var(--v-theme-wool)); border-color: rgb(var(--v-theme-ink)); box-shadow: inset 0 -3px rgb(var(--v-theme-primary)); }
.regions small { display: block; font-size: 0.85rem; }
.forget { text-decoration: underline dotted; text-underline-offset: 4px; min-height: 32px; }
.shed { display: flex; gap: 10px; align-items: center; min-height: 48px; margin: 8px 0 16px; cursor: pointer; }
.shed input { width: 20px; height: 20px; accent-color: rgb(var(--v-theme-secondary)); flex: none; }
.shed small { display: block; font-size: 0.85rem; }
@media (max-width: 599px) { .regions button { flex: 1 1 45%; } }
</style>
