<script setup lang="ts">
import { computed } from 'vue'
import facts from '@/api/facts'
import type { Subject } from '@/api/types'
import { useDogView, useView } from '@/api/queries'
import { labelOf } from '@/api/words'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useUnits } from '@/shell/useUnits'
import AgreedForm from './AgreedForm.vue'
import LadderLinks from './LadderLinks.vue'
import { trustPages } from './pages'
import WhenTheDog from './WhenTheDog.vue'

const props = defineProps<{ dogId: number }>()

const { say } = useUnits()
const trust = useDogView('trust', () => props.dogId)
const tools = useView('tools')
const view = computed(() => trust.data.value)
/** What it does on a word, and what the jobs at the table ask of it. */
const exercises = computed(() => view.value?.besides.filter((one) => !one.section) ?? [])
const positions = computed(() => exercises.value.filter((one) => isPosition(one.subject)))
const forJobs = computed(() => exercises.value.filter((one) => !isPosition(one.subject)))
const isPosition = (subject: Subject) => (facts.positions as readonly Subject[]).includes(subject)

function own(kinds: readonly string[]): string[] {
  return (tools.data.value ?? []).filter((tool) => kinds.includes(tool.form.kind)).map((tool) => tool.shownName)
}
</script>

<template>
  <SubNav label="Trust" :pages="trustPages(dogId)" />
  <PageState :pending="!view" :error="trust.error.value" @retry="trust.refetch()">
    <div v-if="view" class="grid grid-cols-2 gap-48 items-start max-md:grid-cols-1 max-md:gap-28">
      <div>
        <h2>Positions</h2>
        <LadderLinks :dog-id="dogId" :ladders="positions" />
        <AgreedForm :dog-id="dogId" :agreed="view.agreed" :positions="positions.map((one) => one.subject)" />
        <h2 class="more mt-26">For the jobs at the table</h2>
        <LadderLinks :dog-id="dogId" :ladders="forJobs" />
      </div>
      <div>
        <h2>Who may do what</h2>
        <section v-for="one in view.helpers" :key="one.who" class="who seam-b pt-8 px-0 pb-12">
          <h3 class="inline-block">
            {{ labelOf('HelperWho', one.who) }}
            <small class="font-sans font-normal text-md leading-plain ml-10">{{
              one.minutes ? `${one.minutes} min at most` : 'not yet'
            }}</small>
          </h3>
          <p v-for="reason in one.reasons" :key="reason.rule" :data-rule="reason.rule">{{ say(reason.text) }}</p>
          <p v-if="one.who === 'CHILD' && one.minutes" class="quiet">
            {{
              own(one.tools).length
                ? `From your drawer: ${own(one.tools).join(', ')}.`
                : 'Nothing in your drawer is soft enough: a wooden-pin brush would be.'
            }}
          </p>
        </section>
        <h2 class="more mt-26">When the dog …</h2>
        <WhenTheDog />
      </div>
    </div>
  </PageState>
</template>

<style scoped>
h3::first-letter {
  text-transform: uppercase;
}
</style>
