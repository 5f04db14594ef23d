<script setup lang="ts">
import facts from '@/api/facts'
import { useTimestamp } from '@vueuse/core'
import { computed } from 'vue'
import type { SessionView } from '@/api/types'
import { labelOf } from '@/api/words'
import KeyButton from '@/shell/KeyButton.vue'
import { useUnits } from '@/shell/useUnits'

/** The one thing to do about what caught, with a timer while it is teased, and what never to do now. */
const props = defineProps<{
  caught: NonNullable<SessionView['caught']>
  where: string
  busy: boolean
  /** Whether it was uneasy at this one already: a second cry ends the work on it. */
  minded: boolean
}>()
const emit = defineEmits<{
  tried: [seconds: number, outcome: Outcome]
  later: []
  gel: []
  leave: [as: 'MAT_LEFT' | 'FOR_GROOMER']
  end: []
}>()

type Outcome = 'OUT' | 'NOT_YET' | 'UNEASY' | 'OPTED_OUT'

const { say } = useUnits()
const teasing = computed(() => ['SOAK_AND_TEASE', 'TEASE_DRY', 'FROM_THE_ENDS'].includes(props.caught.todo))

const began = Date.now()
const now = useTimestamp({ interval: 1000 })
const seconds = computed(() => Math.max(0, Math.floor((now.value - began) / 1000)))
const clock = computed(() => `${Math.floor(seconds.value / 60)}:${String(seconds.value % 60).padStart(2, '0')}`)
const tried = (outcome: Outcome) =>
  emit('tried', Math.min(facts.mostTeasedSeconds, Math.max(1, Math.round((Date.now() - began) / 1000))), outcome)

const actions = computed(() => {
  if (teasing.value) {
    return [
      { key: '1', title: 'It is out', act: () => tried('OUT') },
      { key: '2', title: 'Not yet', act: () => tried('NOT_YET') },
      { key: '3', title: 'The dog is uneasy', act: () => tried('UNEASY') },
      { key: '4', title: 'The dog opts out', act: () => tried('OPTED_OUT') },
      {
        key: 'y',
        title: props.minded ? 'It cries again: for the groomer' : 'It cries: ease off, once more',
        act: () => (props.minded ? emit('leave', 'FOR_GROOMER') : tried('UNEASY')),
      },
      ...(props.caught.gel ? [{ key: '5', title: 'Gel is in: a bath is owed', act: () => emit('gel') }] : []),
    ]
  }
  if (props.caught.todo === 'LEAVE_AND_COME_BACK') {
    return [
      { key: '1', title: 'Another place first', act: () => emit('later') },
      { key: '2', title: 'Leave it for today', act: () => emit('leave', 'MAT_LEFT') },
    ]
  }
  if (props.caught.todo === 'LEAVE_FOR_GROOMER')
    return [{ key: '1', title: 'It stays in, for the groomer', act: () => emit('leave', 'FOR_GROOMER') }]
  return [{ key: '1', title: 'End here', act: () => emit('end') }]
})
</script>

<template>
  <div class="todo flex flex-col flex-1" :class="caught.todo.toLowerCase()">
    <h2 class="text-5xl text-primary max-md:text-3xl">{{ labelOf('CatchAdviceTodo', caught.todo) }}</h2>
    <p
      v-for="reason in caught.reasons"
      :key="reason.text"
      class="why text-2xl max-w-none max-md:text-xl"
      :data-rule="reason.rule"
    >
      {{ say(reason.text) }}
    </p>
    <div
      class="grid grid-cols-[1fr_300px] gap-28 my-10 mx-0 text-[clamp(1.2rem,1.8vw,1.4rem)] leading-tight max-md:grid-cols-1 max-md:text-2xl max-md:gap-8"
    >
      <ol class="pl-30">
        <li v-for="step in caught.steps" class="my-4 mx-0" :key="step">{{ step }}</li>
      </ol>
      <div>
        <p v-if="teasing" class="clock slab text-[2.6rem]" role="timer" :aria-label="`${seconds} seconds`">
          {{ clock }}
        </p>
        <p v-if="teasing && caught.todo !== 'FROM_THE_ENDS'" class="font-bold text-xl">
          Two or three strokes, then elsewhere in it.
        </p>
        <ul class="never list-none pt-8 pr-0 pb-0 pl-14 border-l-5 border-l-error text-lg mt-10">
          <li v-for="never in caught.never" class="my-3 mx-0" :key="never.rule">{{ say(never.text) }}</li>
        </ul>
      </div>
    </div>
    <div
      class="acts grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] gap-12 mt-auto max-md:grid-cols-2 max-md:sticky max-md:bottom-0 max-md:bg-background max-md:py-8 max-md:px-0 max-md:gap-8"
    >
      <KeyButton v-for="one in actions" :key="one.key" :k="one.key" :disabled="busy" @press="one.act()">
        {{ one.title }}
      </KeyButton>
    </div>
  </div>
</template>

<style scoped>
.call_a_vet h2,
.leave_for_groomer h2 {
  color: rgb(var(--v-theme-error));
}
.acts button {
  min-height: 84px;
  border: 3px solid rgb(var(--v-theme-primary));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  font: 700 1.2rem var(--slab);
  padding: 8px 10px;
}
.acts button:hover {
  background: rgb(var(--v-theme-wool));
}
@media (max-width: 899px) {
  .acts button {
    min-height: 68px;
    font-size: 1.1rem;
  }
}
</style>
