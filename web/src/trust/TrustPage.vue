<script setup lang="ts">
import { computed, ref } from 'vue'
import { saysWhat } from '@/api/client'
import { useSections } from '@/api/queries'
import type { Section, Signal } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/CoatSide.vue'
import { rungWash } from '@/bodymap/paints'
import { useDrawnCoat } from '@/coat/useCoat'
import PageState from '@/shell/PageState.vue'
import WhyList from '@/shell/WhyList.vue'
import { useNotice } from '@/shell/useNotice'
import { usePracticeAnswer, useTrust } from './useTrust'
import { kcal, SIGNALS } from './words'

const props = defineProps<{ dogId: number }>()

const { names } = useSections()
const { tell } = useNotice()
const coat = useDrawnCoat(() => props.dogId)
const trust = useTrust(() => props.dogId)
const { answer, takeBack } = usePracticeAnswer(() => props.dogId)

const chosen = ref<Section>()
const view = computed(() => trust.data.value)
const practice = computed(() => view.value!.practice)
const shown = computed(() => view.value?.standings.find((s) => s.section === chosen.value))
const ready = computed(() => view.value?.standings.filter((s) => s.readyForBrushing).length ?? 0)
const paint = computed<Partial<Record<Section, Paint>>>(() => Object.fromEntries((view.value?.standings ?? []).map((s) =>
  [s.section, { fill: rungWash(s.rungNumber), letter: String(s.rungNumber), says: `rung ${s.rungNumber} of 10, ${s.rungLabel}` }])))

async function record(signal: Signal) {
  const id = crypto.randomUUID()
  const section = practice.value.standing.section
  const before = practice.value.standing.rungNumber
  const after = await answer.mutateAsync({ id, section, signal }).catch(() => undefined)
  const now = after?.standings.find((s) => s.section === section)
  if (!now) return
  const moved = now.rungNumber > before ? `Climbed to rung ${now.rungNumber}.` : now.rungNumber < before
    ? `Back to rung ${now.rungNumber}: that is how it is learned.` : 'Kept.'
  tell(moved, () => takeBack.mutate(id))
}
</script>

<template>
  <PageState :pending="!view" :error="trust.error.value" @retry="trust.refetch()">
    <div v-if="view" class="with-map">
      <CoatMap :names="names" :coat="coat" :paint="paint" :selected="chosen ? [chosen] : [practice.standing.section]" @choose="chosen = $event" />
      <div>
        <section class="cloth practice" aria-labelledby="practice">
          <h2 id="practice">Today’s practice: {{ names[practice.standing.section] }}</h2>
          <p class="how slab">{{ practice.howTo }}</p>
          <p>At most <b>{{ practice.atMostSeconds }} seconds</b>, treats within <b>{{ kcal(practice.treatKcal) }}</b>
            of today’s {{ kcal(view.allowance.treatKcal) }}. End on a good moment.</p>
          <p class="ask">How did the dog take it?</p>
          <div class="answers">
            <button v-for="signal in SIGNALS" :key="signal.value" type="button" :disabled="answer.isPending.value" @click="record(signal.value)">
              <b>{{ signal.title }}</b><small>{{ signal.hint }}</small>
            </button>
          </div>
          <p v-if="answer.error.value" class="caution" role="alert"><strong>Not kept.</strong> {{ saysWhat(answer.error.value) }}</p>
          <WhyList :reasons="practice.reasons" label="Why this, and why so short?" />
        </section>
        <hr class="seam" />
        <h2>Where the dog stands</h2>
        <p>Ready for real brushing at <b>{{ ready }} of {{ view.standings.length }}</b> places. Point at one to see its rung.</p>
        <p v-if="shown" class="shown"><b>{{ names[shown.section] }}</b>: rung {{ shown.rungNumber }} of 10, {{ shown.rungLabel }};
          {{ shown.relaxedInRow }} relaxed in a row, three climb.</p>
        <ol class="ladder" aria-label="How many places stand on each rung">
          <li v-for="rung in 10" :key="rung" :style="{ borderBottomColor: rungWash(rung) }">
            <span class="slab">{{ rung }}</span> {{ view.standings.filter((s) => s.rungNumber === rung).length || '–' }}
          </li>
        </ol>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.practice { background: rgb(var(--v-theme-surface)); }
.how { font-size: 1.45rem; line-height: 1.25; margin: 6px 0 10px; color: rgb(var(--v-theme-heather)); max-width: 30ch; }
.ask { font-weight: 700; margin-top: 12px; }
.answers { display: grid; grid-template-columns: repeat(3, 1fr); gap: 10px; margin: 6px 0 10px; }
.answers button { min-height: 72px; padding: 8px 12px; border: 2px solid rgb(var(--v-theme-heather)); border-radius: 12px 9px 13px 8px; text-align: left; background: rgb(var(--v-theme-background)); position: relative; z-index: 1; }
.answers button:hover { background: rgb(var(--v-theme-wool)); }
.answers small { display: block; line-height: 1.25; }
.shown b { display: inline-block; }
.shown b::first-letter { text-transform: uppercase; }
.ladder { list-style: none; padding: 0; display: grid; grid-template-columns: repeat(10, 1fr); gap: 3px; margin-top: 10px; align-items: end; }
.ladder li { text-align: center; padding: 6px 0; border-bottom: 10px solid; font-size: 0.95rem; }
.ladder span { display: block; font-size: 0.85rem; }
@media (max-width: 599px) { .answers { grid-template-columns: 1fr; } .how { font-size: 1.25rem; } .ladder { grid-template-columns: repeat(5, 1fr); } }
</style>
