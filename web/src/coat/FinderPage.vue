<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Answer, CoatForm, ObservationView, Region } from '@/api/types'
import { FOR_GOOD, useView } from '@/api/queries'
import { choiceOf } from '@/api/words'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useDraft } from '@/shell/useDraft'
import KeyButton from '@/shell/KeyButton.vue'
import AnswerDrawing from './AnswerDrawing.vue'
import FindingPanel from './FindingPanel.vue'
import { coatPages } from './pages'
import { useCoat } from './useCoat'
import { useFinding } from './useCoatFinder'
import RegionPick from './RegionPick.vue'
import { allOfKind, NEW_COAT, REGIONS } from './words'

const props = defineProps<{ dogId: number }>()

const router = useRouter()
const key = useView('coat-finder', FOR_GOOD)
const stored = useCoat(() => props.dogId)
const kinds = useView('coat-kinds', FOR_GOOD)
const { draft, start } = useDraft<CoatForm>(`coat-${props.dogId}`)
watch(stored.data, (coat) => coat !== undefined && start(coat ?? NEW_COAT), { immediate: true })

type Observed = ObservationView['observation']
/** Kept in this browser until it is taken, so that a closed page loses nothing. */
interface Looked {
  regions: Region[]
  seen: Partial<Record<Observed, Answer | null>>
}
const looked = useDraft<Looked>(`finder-${props.dogId}`)
looked.start({ regions: REGIONS.map((r) => r.value), seen: {} })
const seen = computed(() => looked.draft.value!.seen)
const regions = computed(() => looked.draft.value!.regions)
const allOver = computed(() => regions.value.length === REGIONS.length)
const at = ref(0)
const question = ref<HTMLElement>()

const observations = computed(() => key.data.value ?? [])
const current = computed<ObservationView | undefined>(() => observations.value[at.value])
const isSeen = (observation: Observed) => observation in seen.value
const answers = computed(() => observations.value.map((o) => seen.value[o.observation]).filter((a): a is Answer => !!a))
/** Goes on where it was left. */
watch(
  key.data,
  (all) => {
    if (all) at.value = observations.value.filter((o) => isSeen(o.observation)).length
  },
  { immediate: true },
)
const finding = useFinding(() => answers.value)
const result = computed(() => finding.data.value)

function pickRegions(picked: Region[]) {
  looked.draft.value = { regions: picked, seen: {} }
  at.value = 0
}
async function go(to: number) {
  at.value = to
  await nextTick()
  question.value?.focus()
}
function answer(value: Answer | null) {
  seen.value[current.value!.observation] = value
  const next = observations.value.findIndex((o, i) => i > at.value && !isSeen(o.observation))
  void go(next < 0 ? observations.value.length : next)
}
function lookAgain(observation: Observed) {
  void go(observations.value.findIndex((o) => o.observation === observation))
}
function wordsOf(observation: Observed): string {
  const said = seen.value[observation]
  return said ? choiceOf('Answer', said).title : 'cannot tell'
}

/** Fills the coat's form; lengths are measured there. */
async function take(which: number) {
  const kind = result.value!.likely[which]!.kind
  // What is on screen may still be said of the answers before the last one.
  const found = finding.isPlaceholderData.value ? (await finding.refetch({ cancelRefetch: false })).data : result.value
  if (!found) return
  if (!draft.value!.regions.length) draft.value!.regions = allOfKind(kinds.data.value!.find((k) => k.kind === kind)!)
  draft
    .value!.regions.filter((hair) => regions.value.includes(hair.region))
    .forEach((hair) =>
      Object.assign(hair, {
        kind,
        density: found.density.value,
        texture: found.texture.value,
        undercoat: found.undercoat.value,
      }),
    )
  looked.clear()
  void router.push({
    path: `/dogs/${props.dogId}/dog/coat`,
    query: { found: allOver.value ? 'all' : regions.value[0] },
  })
}
</script>

<template>
  <PageState
    :pending="!key.data.value || !kinds.data.value || !draft"
    :error="key.error.value ?? stored.error.value"
    @retry="key.refetch()"
  >
    <div>
      <SubNav v-if="stored.data.value" label="Coat" :pages="coatPages(dogId)" />
      <p v-else class="known -mt-6 mx-0 mb-12">
        <router-link :to="`/dogs/${dogId}/dog/coat`">I know it already</router-link>
      </p>
      <div class="grid grid-cols-[minmax(0,1fr)_400px] gap-36 items-start max-md:grid-cols-1 max-md:gap-20">
        <section aria-labelledby="question">
          <!-- Before anything is described, what is seen is of the whole dog. -->
          <RegionPick v-if="draft?.regions.length" :chosen="regions" all-over="Once for all" @choose="pickRegions" />
          <template v-if="current">
            <p class="quiet">{{ at + 1 }} of {{ observations.length }}</p>
            <h2 id="question" ref="question" tabindex="-1">{{ current.question }}</h2>
            <p>{{ current.how }}</p>
            <div
              class="answers grid grid-cols-[repeat(auto-fill,minmax(176px,1fr))] gap-12 mt-14 max-md:grid-cols-2"
              role="group"
              aria-labelledby="question"
            >
              <KeyButton
                v-for="(option, i) in current.answers"
                :key="option"
                :k="`${i + 1}`"
                :aria-pressed="seen[current.observation] === option"
                @press="answer(option)"
              >
                <AnswerDrawing :answer="option" />
                <span>{{ choiceOf('Answer', option).title }}</span>
              </KeyButton>
            </div>
            <p class="acts flex gap-20 mt-10">
              <KeyButton k="0" class="link" @press="answer(null)">I cannot tell</KeyButton>
              <KeyButton v-if="at > 0" k="backspace" class="link" @press="go(at - 1)">Back</KeyButton>
            </p>
          </template>
          <template v-else>
            <h2 id="question" ref="question" tabindex="-1">That is all there is to see</h2>
            <p>Take what was found, or tap an answer to look again.</p>
          </template>
          <ul
            v-if="Object.keys(seen).length"
            class="seen list-none pt-10 px-0 pb-0 mt-14 seam-t flex flex-wrap gap-y-2 gap-x-18"
            aria-label="Seen so far"
          >
            <li v-for="o in observations.filter((x) => isSeen(x.observation))" :key="o.observation">
              <button class="min-h-44 text-left text-md" type="button" @click="lookAgain(o.observation)">
                {{ o.question.replace(/ What do you see\?$/, '') }} <b>{{ wordsOf(o.observation) }}</b>
              </button>
            </li>
          </ul>
        </section>
        <FindingPanel
          v-if="result"
          :finding="result"
          :answered="answers.length"
          :key-of="key.data.value!"
          @take="take"
          @look="lookAgain"
        />
      </div>
    </div>
  </PageState>
</template>

<style scoped>
h2 {
  font-size: 1.5rem;
  outline-offset: 2px;
  margin-top: 4px;
}
.answers button {
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  gap: 8px;
  padding: 12px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
  text-align: left;
  line-height: 1.2;
}
.answers :deep(kbd) {
  align-self: flex-start;
  margin: 0;
}
.answers button:hover {
  border-color: rgb(var(--v-theme-ink));
}
.answers button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -4px rgb(var(--v-theme-primary));
}
.seen button:hover b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
@media (max-width: 899px) {
  h2 {
    font-size: 1.35rem;
  }
}
</style>
