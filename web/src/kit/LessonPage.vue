<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { useRoute } from 'vue-router'
import { computed, ref, watch } from 'vue'
import { api, ask, messageOf } from '@/api/client'
import { useChange, useView } from '@/api/queries'
import choices from '@/api/choices'
import type { ToolKind } from '@/api/types'
import { useDog } from '@/dog/useDogs'
import { choiceOf } from '@/api/words'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import LessonDrawing from './LessonDrawing.vue'
import { kitPages } from './pages'
import { useSchools } from './useKit'
import ActKey from '@/shell/ActKey.vue'

/** The hand's own lesson: one step at a time, with a brush in the hand; then the owner may say "practised". */
const props = defineProps<{ dogId: number }>()

const { date } = useUnits()
const { tell } = useNotice()
const dog = useDog(() => props.dogId)
const lessons = useView('lessons')
const { schools, choose } = useSchools(() => props.dogId)

const asked = useRoute().query.kind
/** The session that sends a hand here names the tool. */
const chosen = ref<ToolKind | undefined>(choices.ToolKind.find((kind) => kind.value === asked)?.value)
const at = ref(0)
watch(chosen, () => {
  at.value = 0
})
/** Each step takes the focus, so that the key that chose the tool does not choose it again. */
const title = ref<HTMLElement>()
watch([chosen, at], () => title.value?.focus({ preventScroll: true }), { flush: 'post' })
const kind = computed(() => lessons.data.value?.find((one) => one.kind === chosen.value))
const owned = computed(() => lessons.data.value?.filter((one) => one.owned) ?? [])
const others = computed(() => lessons.data.value?.filter((one) => !one.owned) ?? [])
const STEPS = choices.LessonStep
const step = computed(() => STEPS[at.value])

const scale = useMutation({ mutationFn: () => ask(api.GET('/api/kitchen-scale/pressed')) })
const taught = useChange((kind: ToolKind) => api.PUT('/api/lessons/{kind}', { params: { path: { kind } } }))
const undo = useChange((kind: ToolKind) => api.DELETE('/api/lessons/{kind}', { params: { path: { kind } } }))

async function done() {
  const it = chosen.value!
  const kept = await taught.mutateAsync(it).catch(() => undefined)
  if (!kept) return
  at.value = STEPS.length
  tell('Your hand has had its lesson with it.', () => undo.mutate(it))
}
const practised = computed(() => schools.data.value?.chosen.hand === 'EXPERIENCED')
</script>

<template>
  <SubNav label="Kit" :pages="kitPages(dogId)" />
  <PageState :pending="!lessons.data.value" :error="lessons.error.value" @retry="lessons.refetch()">
    <h2>Your hand</h2>
    <p>
      Five minutes, once for each kind of tool, and again whenever you like. Many a dog that hates the brush hates a
      tight hand.
    </p>
    <p v-if="taught.error.value" class="caution" role="alert">
      <strong>Not kept.</strong> {{ messageOf(taught.error.value) }}
    </p>
    <div class="grid grid-cols-[minmax(220px,300px)_1fr] gap-32 items-start max-md:grid-cols-1 max-md:gap-14">
      <div class="kinds grid gap-4 max-md:grid-cols-2" role="group" aria-label="With which tool">
        <button
          v-for="one in [...owned, ...others]"
          :key="one.kind"
          type="button"
          :aria-pressed="one.kind === chosen"
          @click="chosen = one.kind"
        >
          <b class="block">{{ one.label }}</b>
          <small>{{
            one.taught
              ? `lesson on ${date(one.taught)}`
              : one.owned
                ? 'in your drawer, no lesson yet'
                : 'not in your drawer'
          }}</small>
        </button>
      </div>
      <section v-if="kind" class="steps max-w-640" aria-live="polite">
        <template v-if="step">
          <p class="quiet">{{ kind.label }}, {{ at + 1 }} of {{ STEPS.length }}</p>
          <LessonDrawing :step="step.value" />
          <h3 class="outline-none text-4xl mt-14 mx-0 mb-4" ref="title" tabindex="-1">{{ step.title }}</h3>
          <p class="words text-xl">{{ step.hint }}</p>
          <div v-if="step.value === 'SCALE'" class="scale flex flex-wrap gap-y-8 gap-x-18 items-center">
            <KeyButton k="w" :disabled="scale.isPending.value" @press="scale.mutate()">Press, and read it</KeyButton>
            <p v-if="scale.data.value" role="status">
              <b class="slab text-3xl">{{ scale.data.value.grams }} g</b>
              {{ choiceOf('Pressure', scale.data.value.pressure).title }}:
              {{ choiceOf('Pressure', scale.data.value.pressure).hint }}.
              <small v-if="scale.data.value.simulated">(a simulated kitchen scale; your own shows the same)</small>
            </p>
            <p v-else-if="scale.error.value" role="alert">{{ messageOf(scale.error.value) }}</p>
          </div>
          <div class="foot grid grid-cols-[1fr_130px] gap-12 mt-14">
            <KeyButton v-if="at < STEPS.length - 1" k="space" pedal="on" class="next" @press="at++">Next</KeyButton>
            <KeyButton v-else k="space" pedal="on" class="next" :disabled="taught.isPending.value" @press="done"
              >I have done it</KeyButton
            >
            <KeyButton k="b" pedal="back" :disabled="!at" @press="at--">Back</KeyButton>
          </div>
        </template>
        <template v-else>
          <h3 class="outline-none text-4xl mt-14 mx-0 mb-4" ref="title" tabindex="-1">That was the lesson</h3>
          <p class="words text-xl">
            Repeat it whenever a brush feels stiff in your hand. What the match asks of a tool follows how practised
            your hand is<template v-if="dog.data.value"> with {{ dog.data.value.form.name }}</template
            >.
          </p>
          <p v-if="practised" class="words text-xl"><b>You have said “practised”.</b></p>
          <ActKey
            v-else-if="schools.data.value"
            color="primary"
            size="x-large"
            :loading="choose.isPending.value"
            @click="choose.mutate({ ...schools.data.value.chosen, hand: 'EXPERIENCED' })"
            >Say “practised”</ActKey
          >
          <p v-if="choose.error.value" class="caution" role="alert">{{ messageOf(choose.error.value) }}</p>
          <ActKey variant="text" size="x-large" @click="at = 0">Once more</ActKey>
        </template>
      </section>
      <p v-else class="quiet max-md:hidden">Take a tool in your hand, and touch its name.</p>
    </div>
  </PageState>
</template>

<style scoped>
.kinds button {
  text-align: left;
  min-height: 48px;
  padding: 4px 14px 6px;
  border-left: 6px solid rgb(var(--v-theme-seam));
  border-radius: 4px 12px 12px 4px;
  line-height: 1.2;
}
.kinds button:hover {
  background: rgb(var(--v-theme-surface));
}
.kinds button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-left-color: rgb(var(--v-theme-primary));
}
.kinds b::first-letter,
.steps .quiet::first-letter {
  text-transform: uppercase;
}
.foot button,
.scale button {
  min-height: 64px;
  padding: 0 20px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
  font: 700 1.35rem var(--slab);
}
.foot .next {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
</style>
