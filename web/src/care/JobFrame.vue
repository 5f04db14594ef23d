<script setup lang="ts">
import { computed, ref } from 'vue'
import choices from '@/api/choices'
import type { Section, Supply } from '@/api/types'
import BenchFrame from '@/shell/BenchFrame.vue'
import KeyButton from '@/shell/KeyButton.vue'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import GrowlOrBite from '@/trust/GrowlOrBite.vue'
import SeenSomething from '@/trust/SeenSomething.vue'
import JobEnd from './JobEnd.vue'
import LearnFirst from './LearnFirst.vue'
import SaidNo from './SaidNo.vue'
import type { Job } from './useJob'

/** Around every job at the table: left in peace, learned first, its end; in between what the page shows. */
const props = defineProps<{
  run: Job
  title: string
  /** Which step of how many; undefined: there are none just now. */
  at?: number
  of?: number
  /** Something is in hand that goes on whatever the dog learns. */
  going?: boolean
  /** The page itself leads to the vet just now. */
  toTheVet?: boolean
  /** Part of it is done and written down: the page says how that ends, nothing is left. */
  partDone?: boolean
  canBack: boolean
  /** Where hands are just now; undefined: wherever the job has them. */
  hand?: readonly Section[]
  /** Its first step is still to come: what the drawer lacks is said. */
  first?: boolean
  /** Besides what the table itself may say. */
  pending?: boolean
  error?: Error | null
  waiting?: number
  refused?: string
  /** What the whole of it is called where the dog still learns it; undefined: as it is. */
  all?: { title: string; hint: string }
  /** Another ladder that would do, too. */
  other?: { subject: string; title: string }
}>()
defineEmits<{ back: []; retry: [] }>()

const { say } = useUnits()
const missing = computed(() =>
  (props.run.view.value?.needs ?? [])
    .filter((need) => !need.have)
    .map((need) => need.any.map(named(need.size)).join(' or ')),
)
/** With the size that suits this dog. */
function named(size: Record<string, string>) {
  return (kind: Supply) => {
    const label = choices.Supply.find((supply) => supply.value === kind)!.label
    return size[kind] ? `${label} (${size[kind]})` : label
  }
}
const noting = ref(false)
/** Whether hands are on the dog, or about to be: then it may say something. */
const handsOn = computed(
  () => !props.run.says.value && !props.run.end.value && (props.going || !props.run.mayNot.value),
)
</script>

<template>
  <PageState
    :pending="run.pending.value || pending"
    :error="run.error.value ?? error"
    @retry="(run.retry(), $emit('retry'))"
  >
    <BenchFrame
      v-if="!run.pending.value && !pending"
      :to="`/dogs/${run.dogId}/today/table`"
      :dog-name="run.dog.data.value!.form.name"
      :title="title"
      :at="at"
      :of="run.end.value || (run.learning.value && !going) ? undefined : of"
      :waiting="run.table.waiting.value + (waiting ?? 0)"
      :refused="refused ?? run.table.refused.value"
    >
      <template #head
        ><slot name="head" />
        <div v-if="handsOn" class="says flex gap-8 ml-auto flex-wrap">
          <KeyButton k="i" title="A tick, a scab, a lump, a hot or smelly place, a limp" @press="noting = true"
            >Something seen</KeyButton
          >
          <KeyButton k="o" title="It opts out: gets up, leaves, pulls away" @press="run.no('OPTED_OUT')">No</KeyButton>
          <KeyButton k="f" title="Will not eat, trembles, tucked, wide pupils: it ends" @press="run.no('AFRAID')"
            >Fear sign</KeyButton
          >
          <KeyButton
            k="g"
            class="growl"
            title="It growls, stiffens, shows its teeth, snaps or bites: hands off, and it ends"
            @press="run.handsOff([...(hand ?? run.places.value)])"
            >Growl or bite</KeyButton
          >
        </div></template
      >
      <SeenSomething v-if="noting" :dog-id="run.dogId" :near="hand ?? run.places.value" @close="noting = false" />
      <p
        v-if="handsOn && !going && (first || run.learning.value) && missing.length"
        class="missing flex flex-wrap gap-y-4 gap-x-16 max-w-none py-8 px-16 border-l-7 border-l-error bg-surface text-lg"
        data-test="missing"
      >
        <b>Not in the drawer: {{ missing.join(', ') }}.</b>
        <router-link class="text-inherit" to="/drawer/supplies">What lies ready</router-link>
      </p>
      <template v-if="run.says.value === 'WARNED'">
        <GrowlOrBite
          :dog-id="run.dogId"
          :what="run.warning.value!.what"
          :where="run.warning.value!.where"
          :near="run.places.value"
          @tell="run.tellWarning"
        />
        <router-link class="big" to="/">It is in peace</router-link>
      </template>
      <SaidNo
        v-else-if="run.says.value === 'NO'"
        :saving="run.table.saving.value"
        @go-on="run.goOn"
        @leave="run.leave"
      />
      <JobEnd
        v-else-if="run.end.value"
        :dog-id="run.dogId"
        :outcome="run.end.value"
        :said="run.said.value"
        :next="run.view.value!.next"
        :vet="run.vet.value!"
        :saving="run.table.saving.value"
        @took="run.took"
        ><slot name="end"
      /></JobEnd>
      <slot v-else-if="going" />
      <section v-else-if="run.mayNot.value" class="say flex-1 flex flex-col justify-center gap-14">
        <h1>Hands off it</h1>
        <p class="text-2xl" :data-rule="run.mayNot.value.rule">{{ say(run.mayNot.value.text) }}</p>
        <router-link :to="`/dogs/${run.dogId}/today/table`">Back to the table</router-link>
      </section>
      <LearnFirst
        v-else-if="run.learning.value"
        :dog-id="run.dogId"
        :job="run.view.value!"
        :other="other"
        :all="all"
        :whole-may-not="run.wholeMayNot.value"
        @whole="run.doWhole"
      />
      <slot v-else />
      <template #foot>
        <KeyButton k="u" :disabled="(!canBack && !run.says.value) || run.table.saving.value" @press="$emit('back')"
          >Back one</KeyButton
        >
        <template v-if="!run.end.value && !run.says.value">
          <slot name="foot" />
          <KeyButton v-if="!toTheVet" k="m" :disabled="run.table.saving.value" @press="run.finish('FOR_THE_VET')"
            >Something for the vet</KeyButton
          >
          <KeyButton v-if="!going && !partDone" k="e" :disabled="run.table.saving.value" @press="run.finish('LEFT')"
            >Leave it for today</KeyButton
          >
        </template>
        <slot name="note" />
      </template>
    </BenchFrame>
  </PageState>
</template>

<style scoped>
.says button {
  min-height: 52px;
  padding: 4px 14px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  font-weight: 700;
}
.says .growl {
  border-color: rgb(var(--v-theme-error));
}
</style>
