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
    <div class="two">
      <div class="kinds" role="group" aria-label="With which tool">
        <button
          v-for="one in [...owned, ...others]"
          :key="one.kind"
          type="button"
          :aria-pressed="one.kind === chosen"
          @click="chosen = one.kind"
        >
          <b>{{ one.label }}</b>
          <small>{{
            one.taught
              ? `lesson on ${date(one.taught)}`
              : one.owned
                ? 'in your drawer, no lesson yet'
                : 'not in your drawer'
          }}</small>
        </button>
      </div>
      <section v-if="kind" class="steps" aria-live="polite">
        <template v-if="step">
          <p class="quiet">{{ kind.label }}, {{ at + 1 }} of {{ STEPS.length }}</p>
          <LessonDrawing :step="step.value" />
          <h3 ref="title" tabindex="-1">{{ step.title }}</h3>
          <p class="words">{{ step.hint }}</p>
          <div v-if="step.value === 'SCALE'" class="scale">
            <KeyButton k="w" :disabled="scale.isPending.value" @press="scale.mutate()">Press, and read it</KeyButton>
            <p v-if="scale.data.value" role="status">
              <b class="slab">{{ scale.data.value.grams }} g</b>
              {{ choiceOf('Pressure', scale.data.value.pressure).title }}:
              {{ choiceOf('Pressure', scale.data.value.pressure).hint }}.
              <small v-if="scale.data.value.simulated">(a simulated kitchen scale; your own shows the same)</small>
            </p>
            <p v-else-if="scale.error.value" role="alert">{{ messageOf(scale.error.value) }}</p>
          </div>
          <div class="foot">
            <KeyButton v-if="at < STEPS.length - 1" k="space" pedal="on" class="next" @press="at++">Next</KeyButton>
            <KeyButton v-else k="space" pedal="on" class="next" :disabled="taught.isPending.value" @press="done"
              >I have done it</KeyButton
            >
            <KeyButton k="b" pedal="back" :disabled="!at" @press="at--">Back</KeyButton>
          </div>
        </template>
        <template v-else>
          <h3 ref="title" tabindex="-1">That was the lesson</h3>
          <p class="words">
            Repeat it whenever a brush feels stiff in your hand. What the match asks of a tool follows how practised
            your hand is<template v-if="dog.data.value"> with {{ dog.data.value.form.name }}</template
            >.
          </p>
          <p v-if="practised" class="words"><b>You have said “practised”.</b></p>
          <v-btn
            v-else-if="schools.data.value"
            color="primary"
            size="x-large"
            :loading="choose.isPending.value"
            @click="choose.mutate({ ...schools.data.value.chosen, hand: 'EXPERIENCED' })"
            >Say “practised”</v-btn
          >
          <p v-if="choose.error.value" class="caution" role="alert">{{ messageOf(choose.error.value) }}</p>
          <v-btn variant="text" size="x-large" @click="at = 0">Once more</v-btn>
        </template>
      </section>
      <p v-else class="quiet pick">Take a tool in your hand, and touch its name.</p>
    </div>
  </PageState>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(220px, 300px) 1fr;
  gap: 32px;
  align-items: start;
}
.kinds {
  display: grid;
  gap: 4px;
}
.kinds button {
  text-align: left;
  min-height: 48px;
  padding: 4px 14px 6px;
  border-left: 6px solid rgb(var(--v-theme-seam));
  border-radius: 4px 12px 12px 4px;
  line-height: 1.25;
}
.kinds button:hover {
  background: rgb(var(--v-theme-surface));
}
.kinds button[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-left-color: rgb(var(--v-theme-primary));
}
.kinds b {
  display: block;
}
.kinds b::first-letter,
.steps .quiet::first-letter {
  text-transform: uppercase;
}
.steps {
  max-width: 640px;
}
h3 {
  outline: none;
  font-size: 1.7rem;
  margin: 14px 0 4px;
}
.words {
  font-size: 1.25rem;
}
.scale {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
}
.scale .slab {
  font-size: 1.5rem;
}
.foot {
  display: grid;
  grid-template-columns: 1fr 130px;
  gap: 12px;
  margin-top: 14px;
}
.foot button,
.scale button {
  min-height: 64px;
  padding: 0 20px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 14px 10px 15px 9px;
  background: rgb(var(--v-theme-surface));
  font: 700 1.3rem var(--slab);
}
.foot .next {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
@media (max-width: 899px) {
  .two {
    grid-template-columns: 1fr;
    gap: 14px;
  }
  .kinds {
    grid-template-columns: 1fr 1fr;
  }
  .pick {
    display: none;
  }
}
</style>
