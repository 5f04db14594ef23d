<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSections } from '@/api/queries'
import type { Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import { useUnits } from '@/shell/useUnits'
import JobFrame from './JobFrame.vue'
import LedSteps from './LedSteps.vue'
import PlaceLook from './PlaceLook.vue'
import { useJob } from './useJob'
import { lookWords } from '@/api/words'
import { useLooks } from '@/trust/useLooks'

/** Two minutes from nose to tail; whatever is seen is noted at its place on the drawn dog. */
const props = defineProps<{ dogId: number }>()

const { date } = useUnits()
const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const run = useJob(props.dogId, 'LOOK_OVER')
const { at, steps, table, end } = run
const looks = useLooks(props.dogId)

const chosen = ref<Section>()
const view = computed(() => looks.looks.data.value)
const here = computed(() => (view.value?.looks ?? []).filter((look) => look.section === chosen.value))
const open = computed(() => view.value?.open ?? [])
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    // The newest of a place counts.
    [...(view.value?.looks ?? [])].reverse().map((look) => [
      look.section,
      {
        fill: `rgba(var(--v-theme-heather), ${open.value.some((now) => now.entry === look.entry) ? 0.7 : 0.3})`,
        says: `noted on ${date(look.day)}`,
      },
    ]),
  ),
)
</script>

<template>
  <JobFrame
    :run="run"
    title="Look-over"
    :at="at"
    :of="chosen ? undefined : steps.length"
    :can-back="!chosen && (at > 0 || !!end)"
    :pending="!view"
    :hand="chosen ? [chosen] : []"
    :error="looks.looks.error.value"
    :waiting="looks.waiting.value"
    :refused="looks.refused.value"
    @back="run.back()"
    @retry="looks.looks.refetch()"
  >
    <div
      class="side flex-1 grid grid-cols-[minmax(320px,36%)_1fr] gap-44 items-stretch max-md:grid-cols-1 max-md:gap-12"
    >
      <div>
        <CoatMap
          :names="names"
          :dog="drawn"
          :paint="paint"
          :selected="chosen ? [chosen] : []"
          single
          @choose="chosen = $event"
        />
        <p class="quiet">Touch a place to note what you see there. Dark: nobody has looked at it yet.</p>
      </div>
      <PlaceLook
        v-if="chosen"
        :key="chosen"
        :dog-id="dogId"
        :section="chosen"
        :name="names[chosen] ?? ''"
        :today="view!.today"
        :before="here"
        :saving="looks.saving.value"
        :open="open.some((look) => look.section === chosen)"
        @keep="(words, photo, what) => looks.say(chosen!, words, photo, what)"
        @seen="looks.seen(chosen!, $event)"
        @take-back="looks.takeBack"
        @close="chosen = undefined"
      />
      <LedSteps v-else :steps="steps" :at="at" :disabled="table.saving.value" last="All looked at" @next="run.next" />
    </div>
    <template #end>
      <template v-if="open.length">
        <h2>Open, for the vet or the groomer</h2>
        <ul>
          <li v-for="one in open" class="text-xl" :key="one.entry">
            <b>{{ names[one.section] }}:</b> {{ lookWords(one) }}
          </li>
        </ul>
      </template>
      <p>
        <router-link class="text-inherit inline-block min-h-44 py-10 px-0 mr-26" :to="`/dogs/${dogId}/dog/sheet`"
          >The sheet to hand over</router-link
        >
        <router-link class="text-inherit inline-block min-h-44 py-10 px-0 mr-26" :to="`/dogs/${dogId}/dog/looks`"
          >Put it on the scale</router-link
        >
      </p>
    </template>
    <template #note>
      <span v-if="view" class="quiet">{{ view.photos }} of {{ view.mostPhotos }} photos</span>
    </template>
  </JobFrame>
</template>

<style scoped>
.side > * {
  min-width: 0;
}
.side > :first-child {
  align-self: center;
}
</style>
