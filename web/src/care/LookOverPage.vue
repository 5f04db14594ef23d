<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSections } from '@/api/queries'
import type { CareOutcome, Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/CoatSide.vue'
import { useDrawnDog } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import CareBench from './CareBench.vue'
import JobEnd from './JobEnd.vue'
import LedSteps from './LedSteps.vue'
import PlaceLook from './PlaceLook.vue'
import { useAtTheTable, useCare, useSteps } from './useCare'
import { useLooks } from './useLooks'

/** Two minutes from nose to tail; whatever is seen is noted at its place on the drawn dog. */
const props = defineProps<{ dogId: number }>()

const { date } = useUnits()
const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const dog = useDog(() => props.dogId)
const care = useCare(() => props.dogId)
const steps = useSteps(props.dogId, 'LOOK_OVER')
const table = useAtTheTable(props.dogId, 'LOOK_OVER')
const looks = useLooks(props.dogId)

const job = computed(() => care.data.value?.jobs.find((one) => one.job === 'LOOK_OVER'))
const all = computed(() => steps.data.value?.steps ?? [])
const at = ref(0)
const chosen = ref<Section>()
const end = ref<CareOutcome>()
const view = computed(() => looks.looks.data.value)
const here = computed(() => (view.value?.looks ?? []).filter((one) => one.section === chosen.value))
const changed = computed(() => view.value?.changed ?? [])
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    [...(view.value?.looks ?? [])].reverse().map((one) => [
      one.section,
      {
        fill: `rgba(var(--v-theme-heather), ${changed.value.some((now) => now.entry === one.entry) ? 0.7 : 0.3})`,
        says: `noted on ${date(one.day)}`,
      },
    ]),
  ),
)

function finish(outcome: CareOutcome) {
  end.value = outcome
  table.done(outcome)
}
function back() {
  if (end.value) {
    table.undo()
    end.value = undefined
  } else at.value = Math.max(0, at.value - 1)
}
</script>

<template>
  <PageState
    :pending="!view || !job || !steps.data.value || !dog.data.value"
    :error="view ? care.error.value : looks.looks.error.value"
    @retry="(care.refetch(), looks.looks.refetch(), steps.refetch())"
  >
    <CareBench
      v-if="view && job && steps.data.value"
      :dog-id="dogId"
      :dog-name="dog.data.value!.form.name"
      title="Look-over"
      :at="at"
      :of="end || chosen ? undefined : all.length"
      :waiting="table.waiting.value + looks.waiting.value"
      :refused="looks.refused.value ?? table.refused.value"
    >
      <JobEnd
        v-if="end"
        :dog-id="dogId"
        :outcome="end"
        said
        :next="job.next"
        :vet="steps.data.value.vet"
        :saving="table.saving.value"
      >
        <template v-if="changed.length">
          <h2>New since last time, for the vet or the groomer</h2>
          <ul>
            <li v-for="one in changed" :key="one.entry">
              <b>{{ names[one.section] }}:</b> {{ one.words || 'see the photo' }}
            </li>
          </ul>
        </template>
        <p class="links">
          <router-link :to="`/dogs/${dogId}/groom/sheet`">The sheet to hand over</router-link>
          <router-link :to="`/dogs/${dogId}/about`">Put it on the scale</router-link>
        </p>
      </JobEnd>
      <section v-else-if="care.data.value?.inPeace" class="say">
        <h1>Not today</h1>
        <p>{{ care.data.value.inPeace.text }}</p>
      </section>
      <div v-else class="side">
        <div>
          <CoatMap
            :names="names"
            :dog="drawn"
            :paint="paint"
            :selected="chosen ? [chosen] : []"
            single
            @choose="chosen = $event"
          />
          <p class="quiet">Touch a place to note what you see there. Dark: new since last time.</p>
        </div>
        <PlaceLook
          v-if="chosen"
          :key="chosen"
          :dog-id="dogId"
          :section="chosen"
          :name="names[chosen] ?? ''"
          :today="view.today"
          :before="here"
          :saving="looks.saving.value"
          @keep="(words, photo) => looks.say(chosen!, words, photo)"
          @take-back="looks.takeBack"
          @close="chosen = undefined"
        />
        <LedSteps
          v-else
          :steps="all"
          :at="at"
          :disabled="table.saving.value"
          last="All looked at"
          @next="at < all.length - 1 ? at++ : finish('DONE')"
        />
      </div>
      <template #foot>
        <KeyButton k="u" :disabled="(!at && !end) || !!chosen || table.saving.value" @press="back">Back one</KeyButton>
        <template v-if="!end && !chosen">
          <KeyButton k="m" :disabled="table.saving.value" @press="finish('FOR_THE_VET')"
            >Something for the vet</KeyButton
          >
          <KeyButton k="e" :disabled="table.saving.value" @press="finish('LEFT')">Leave it for today</KeyButton>
        </template>
        <span class="quiet">{{ view.photos }} of {{ view.mostPhotos }} photos</span>
      </template>
    </CareBench>
  </PageState>
</template>

<style scoped>
.say {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
}
.side {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(320px, 36%) 1fr;
  gap: 44px;
  align-items: stretch;
}
.side > * {
  min-width: 0;
}
.links a {
  color: inherit;
  display: inline-block;
  min-height: 44px;
  padding: 10px 0;
  margin-right: 26px;
}
li {
  font-size: 1.2rem;
}
@media (max-width: 899px) {
  .side {
    grid-template-columns: 1fr;
    gap: 12px;
  }
}
</style>
