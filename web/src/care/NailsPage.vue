<script setup lang="ts">
import { StorageSerializers, useSessionStorage } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, type ComponentPublicInstance } from 'vue'
import choices from '@/api/choices'
import type { ClawResult, ClawView, Paw, Section, Signal } from '@/api/types'
import { choiceOf } from '@/api/words'
import { useDogView } from '@/api/queries'
import AnswerRow from '@/shell/AnswerRow.vue'
import KeyButton from '@/shell/KeyButton.vue'
import { useUnits } from '@/shell/useUnits'
import BleedingClaw from './BleedingClaw.vue'
import JobFrame from './JobFrame.vue'
import PawDrawing from './PawDrawing.vue'
import PawHolds from './PawHolds.vue'
import StepName from './StepName.vue'
import { useClawKind } from './useCare'
import { useJob } from './useJob'

/** Claw by claw: one press each, and nothing is cut before the styptic lies ready. */
const props = defineProps<{ dogId: number }>()

const { say, date } = useUnits()
const run = useJob(props.dogId, 'NAILS')
const { table, end } = run
const claws = useDogView('claws', props.dogId)
const kind = useClawKind(props.dogId)

/** Clippers or grinder: whichever it does not learn just now. */
const other = computed(() =>
  run.view.value?.standing?.subject === 'NAIL_GRINDER'
    ? { subject: 'NAIL_CLIPPERS', title: 'or learn the clippers' }
    : { subject: 'NAIL_GRINDER', title: 'or learn the grinder' },
)
const PAWS: Paw[] = ['FRONT_LEFT', 'FRONT_RIGHT', 'HIND_LEFT', 'HIND_RIGHT']
const FOOT: Record<Paw, Section> = {
  FRONT_LEFT: 'FRONT_FOOT_LEFT',
  FRONT_RIGHT: 'FRONT_FOOT_RIGHT',
  HIND_LEFT: 'HIND_FOOT_LEFT',
  HIND_RIGHT: 'HIND_FOOT_RIGHT',
}
const view = computed(() => claws.data.value)
const ready = ref(false)
/** When which claw began to bleed; it outlives a closed page. */
const bleeds = useSessionStorage<{ since: number; paw: Paw; toe: number } | null>(`bleeds:${props.dogId}`, null, {
  serializer: StorageSerializers.object,
})
/** The claw that was cut too short, until it is said how the dog took that. */
const hurt = ref<{ paw: Paw; toe: number }>()
/** What was said here of claws, in order, which the server may not have heard yet. */
const acts = ref<{ paw: Paw; toe: number; result: ClawResult; took?: Signal; entry: string }[]>([])
const marks = computed(() => new Map(acts.value.map((act) => [keyOf(act), act.result])))
const chosen = ref<string>()
const keyOf = (claw: { paw: Paw; toe: number }) => `${claw.paw}${claw.toe}`
const all = computed<ClawView[]>(() =>
  (view.value?.claws ?? []).map((claw) => {
    const mark = marks.value.get(keyOf(claw))
    return mark ? { ...claw, last: mark, due: false } : claw
  }),
)
const now = computed(() => all.value.find((claw) => keyOf(claw) === chosen.value) ?? all.value.find((claw) => claw.due))
const label = computed(() =>
  now.value ? `${choiceOf('Paw', now.value.paw).title}, ${now.value.toe ? `toe ${now.value.toe}` : 'dew claw'}` : '',
)
const tip = useTemplateRef<ComponentPublicInstance>('tip')
const done = computed(() => marks.value.size)

/** What is pressed next is meant for the claw, no longer for the drawing. */
async function choose(claw: ClawView) {
  chosen.value = keyOf(claw)
  await nextTick()
  ;(tip.value?.$el as HTMLElement | undefined)?.focus()
}
function tell(claw: { paw: Paw; toe: number }, result: ClawResult, took?: Signal) {
  table.claw(claw.paw, claw.toe, result, took, took && run.view.value?.standing?.subject)
  acts.value.push({ paw: claw.paw, toe: claw.toe, result, took, entry: table.said.value.at(-1)! })
}
function mark(result: ClawResult) {
  const claw = now.value
  if (!claw) return
  tell(claw, result)
  chosen.value = undefined
  if (result === 'TOO_SHORT') bleeds.value = { since: Date.now(), paw: claw.paw, toe: claw.toe }
}
function stopped() {
  hurt.value = bleeds.value ?? undefined
  bleeds.value = null
}
/** What the dog made of it moves its ladder; a no is a no. */
function tookThat(signal: Signal) {
  tell(hurt.value!, 'TOO_SHORT', signal)
  hurt.value = undefined
  if (signal === 'OPTED_OUT' || signal === 'AFRAID') run.heed(signal)
}
function enough() {
  run.finish(
    'DONE',
    acts.value.some((act) => act.took),
  )
}
function back() {
  const last = acts.value.at(-1)
  if (!run.back() && last) table.undo()
  if (!last || table.said.value.includes(last.entry)) return
  acts.value.pop()
  bleeds.value = null
  hurt.value = last.took && { paw: last.paw, toe: last.toe }
  chosen.value = last.took ? undefined : keyOf(last)
}
function toTheVet() {
  bleeds.value = null
  run.finish('FOR_THE_VET')
}
const set = (change: Partial<{ frontDew: boolean; hindDew: boolean; dark: boolean }>) =>
  kind.mutate({ frontDew: view.value!.frontDew, hindDew: view.value!.hindDew, dark: view.value!.dark, ...change })
</script>

<template>
  <JobFrame
    :run="run"
    title="Nails"
    :first="!ready"
    :going="!!bleeds || !!hurt"
    :to-the-vet="!!bleeds"
    :part-done="done > 0"
    :can-back="done > 0 || !!end"
    :pending="!view"
    :error="claws.error.value"
    :other="other"
    :hand="now ? [FOOT[now.paw]] : undefined"
    @back="back"
    @retry="claws.refetch()"
  >
    <template #head
      ><span v-if="done" class="count ml-auto">{{ done }} {{ done === 1 ? 'claw' : 'claws' }} today</span></template
    >
    <BleedingClaw
      v-if="bleeds"
      :since="bleeds.since"
      :at-most-seconds="view!.bleedsAtMostSeconds"
      :todo="view!.tooShort"
      @stopped="stopped"
      @vet="toTheVet"
    />
    <section v-else-if="hurt" class="flex-1 flex flex-col justify-center gap-14 pt-10">
      <h1>How did the dog take that?</h1>
      <p>A cut too short is remembered. What it says now counts for its ladder.</p>
      <AnswerRow
        label="How did the dog take that?"
        :answers="choices.Signal"
        :disabled="table.saving.value"
        @answer="tookThat"
      />
    </section>
    <section v-else-if="!ready" class="flex-1 flex flex-col justify-center gap-14 pt-10">
      <p class="slab name">Before the first claw</p>
      <h1>Styptic lies open, within your reach and out of the dog’s. A pad beside it.</h1>
      <div class="how md:grid md:grid-cols-2 md:gap-40">
        <p v-for="one in view!.how" :key="one.rule" :data-rule="one.rule">{{ say(one.text) }}</p>
      </div>
      <details :open="view!.claws.every((claw) => !claw.last)">
        <summary class="cursor-pointer py-8 px-2 dotted">How a paw is held</summary>
        <PawHolds :holds="view!.holds" />
      </details>
      <fieldset class="border-0 p-0 flex flex-wrap gap-y-6 gap-x-26">
        <legend class="font-bold float-left mr-20 pt-10">This dog</legend>
        <v-checkbox-btn
          class="flex-none"
          :model-value="view!.dark"
          label="dark claws"
          @update:model-value="set({ dark: !view!.dark })"
        />
        <v-checkbox-btn
          class="flex-none"
          :model-value="view!.frontDew"
          label="dew claws in front"
          @update:model-value="set({ frontDew: !view!.frontDew })"
        />
        <v-checkbox-btn
          class="flex-none"
          :model-value="view!.hindDew"
          label="dew claws behind"
          @update:model-value="set({ hindDew: !view!.hindDew })"
        />
      </fieldset>
      <KeyButton k="space" pedal="on" class="big" @press="ready = true">It lies ready</KeyButton>
    </section>
    <section v-else class="flex-1 grid grid-cols-2 gap-40 items-center max-md:grid-cols-1 max-md:gap-10">
      <div class="paws grid grid-cols-2 gap-y-10 gap-x-20 max-md:gap-y-0 max-md:gap-x-4 max-md:text-2xs">
        <PawDrawing
          v-for="paw in PAWS"
          :key="paw"
          :paw="paw"
          :claws="all.filter((claw) => claw.paw === paw)"
          :now="now"
          @choose="choose"
        />
      </div>
      <div class="now" aria-live="polite">
        <template v-if="now">
          <StepName :name="label" :speak="label" />
          <h1>{{ say(view!.how[0]!.text) }}</h1>
          <KeyButton ref="tip" k="space" pedal="on" class="big" :disabled="table.saving.value" @press="mark('DONE')"
            >Its tip is off</KeyButton
          >
          <div class="two grid grid-cols-2 gap-12">
            <KeyButton k="l" :disabled="table.saving.value" @press="mark('LEFT')">Leave this one</KeyButton>
            <KeyButton k="x" class="short" :disabled="table.saving.value" @press="mark('TOO_SHORT')"
              >Cut too short</KeyButton
            >
          </div>
        </template>
        <template v-else>
          <h1>Every claw has had its turn.</h1>
          <p v-if="!done">
            {{ run.view.value?.next ? `The next is due on ${date(run.view.value.next)}. ` : '' }}Touch a claw to do it
            all the same.
          </p>
        </template>
        <KeyButton
          v-if="done"
          k="e"
          :pedal="now ? undefined : 'on'"
          :class="now ? 'enough' : 'big'"
          :disabled="table.saving.value"
          @press="enough"
          >Enough for today</KeyButton
        >
      </div>
    </section>
    <template #note><span class="quiet">One claw a day is a routine, too. Never a child’s job.</span></template>
  </JobFrame>
</template>

<style scoped>
h1 {
  font-size: clamp(1.6rem, 2.8vw, 2.3rem);
  max-width: 28ch;
  line-height: 1.2;
}
p {
  font-size: 1.2rem;
  max-width: 72ch;
}
.now {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.two button,
.enough {
  min-height: 72px;
  border: 3px solid rgb(var(--v-theme-seam));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  font: 700 1.2rem var(--slab);
}
.two .short {
  border-color: rgb(var(--v-theme-error));
}
@media (max-width: 899px) {
  .paws :deep(svg) {
    max-width: 128px;
  }
  .now {
    gap: 10px;
  }
  .now h1 {
    font-size: 1.35rem;
  }
  .two button,
  .enough {
    min-height: 64px;
  }
}
</style>
