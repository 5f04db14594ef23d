<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ApiProblem, messageOf } from '@/api/client'
import { drawnDog } from '@/bodymap/dog'
import PageState from '@/shell/PageState.vue'
import { useDraft } from '@/shell/useDraft'
import FirstLength from './FirstLength.vue'
import FirstTools from './FirstTools.vue'
import FirstTrust from './FirstTrust.vue'
import FirstWho from './FirstWho.vue'
import PathFrame from './PathFrame.vue'
import { asksForHistory, NOTHING_SAID, STEPS, useAddDog, useLook, type FirstAnswers, type Step } from './first'
import ActKey from '@/shell/ActKey.vue'

/** A new dog: four short questions, and then one place. Each may be left out; whatever matters later is asked then. */
const route = useRoute()
const router = useRouter()
const { draft, start, forget } = useDraft<FirstAnswers>('first')
start(NOTHING_SAID)
const look = useLook(draft)
const add = useAddDog()

const step = computed<Step>(() => {
  const asked = route.query.step as Step
  // Whoever comes back to the middle of it without a name begins with that.
  return STEPS.includes(asked) && draft.value?.name.trim() ? asked : 'who'
})
const at = computed(() => STEPS.indexOf(step.value))
const name = computed(() => draft.value!.name.trim())
const dog = computed(() => {
  const shown = look.data.value
  return drawnDog(shown?.coats[draft.value?.length ?? shown.usual], {
    ...(shown?.looks ?? { build: 'SQUARE', ears: 'HANGING', tail: 'SABRE' }),
    lifeStage: draft.value?.lifeStage,
  })
})

const TITLES: Record<Step, () => string> = {
  who: () => 'Who is this dog?',
  length: () => `Is this about ${name.value}’s coat?`,
  tools: () => 'What do you have to brush with?',
  trust: () =>
    asksForHistory(draft.value!)
      ? `How was grooming for ${name.value} so far?`
      : `When did a comb last go to ${name.value}’s skin everywhere?`,
}

const title = ref<HTMLElement>()
watch(
  () => TITLES[step.value](),
  () => void nextTick(() => title.value?.focus()),
)
function back() {
  const said = draft.value!
  // The second question of the step goes back to the first.
  if (step.value === 'trust' && said.history) said.history = undefined
  else go(STEPS[at.value - 1]!)
}
function go(to: Step) {
  void router.push({ query: { step: to } })
}
async function on() {
  if (step.value !== 'trust') return go(STEPS[at.value + 1]!)
  const said = draft.value!
  const added = await add.mutateAsync({ ...said, name: name.value }).catch(() => undefined)
  if (!added) return
  forget(NOTHING_SAID)
  void router.replace(`/dogs/${added.id}/first`)
}
function chooseLength(length: NonNullable<FirstAnswers['length']>) {
  draft.value!.length = length
  void on()
}
/** Which length is meant by not choosing one. */
watch(
  () => [step.value, look.data.value?.usual] as const,
  ([now, usual]) => {
    if (now !== 'who' && now !== 'length' && usual) draft.value!.length ??= usual
  },
  { immediate: true },
)
/** What is wrong is said at its step. */
const problems = computed(() => (add.error.value instanceof ApiProblem ? add.error.value.fields : []))
</script>

<template>
  <PageState :pending="!draft || !look.data.value" :error="look.error.value" @retry="look.refetch()">
    <PathFrame v-if="draft" :dog="dog" :at="at" :plain="step === 'length'">
      <h1 id="asked" ref="title" tabindex="-1">{{ TITLES[step]() }}</h1>
      <FirstWho v-if="step === 'who'" v-model="draft" :usual-size="look.data.value!.size" @on="on" />
      <FirstLength
        v-else-if="step === 'length'"
        :look="look.data.value!"
        :chosen="draft.length"
        :life-stage="draft.lifeStage"
        @choose="chooseLength"
      />
      <FirstTools v-else-if="step === 'tools'" v-model="draft" @on="on" />
      <FirstTrust v-else v-model="draft" :busy="add.isPending.value" @on="on" />
      <div v-if="add.error.value" class="caution" role="alert">
        <strong>{{ messageOf(add.error.value) }}</strong>
        <div v-for="problem in problems" :key="problem.field">{{ problem.message }}</div>
      </div>
      <p v-if="at" class="mt-12 mr-0 mb-0 -ml-12">
        <ActKey variant="text" @click="back">Back</ActKey>
      </p>
    </PathFrame>
  </PageState>
</template>
