<script setup lang="ts">
import { computed } from 'vue'
import type { SessionView } from '@/api/types'
import { labelOf } from '@/api/words'
import KeyButton from '@/shell/KeyButton.vue'
import { useUnits } from '@/shell/useUnits'

/** What to do about how the dog takes it just now, and the ways to go on. */
const props = defineProps<{ reaction: NonNullable<SessionView['reaction']>; saving: boolean }>()
const emit = defineEmits<{ goOn: []; later: []; end: []; treat: []; why: [] }>()

const { say } = useUnits()
const actions = computed(() => [
  {
    key: 'space',
    title: props.reaction.todo === 'ASK_ONCE_MORE' ? 'It comes back: ask here' : 'Go on here',
    act: () => emit('goOn'),
  },
  { key: 't', title: 'A treat', act: () => emit('treat') },
  ...(props.reaction.reasons.some((reason) => reason.rule === 'session.why')
    ? [{ key: 'w', title: 'Why does it mind?', act: () => emit('why') }]
    : []),
  ...(props.reaction.todo === 'GO_ON'
    ? []
    : [
        { key: 'l', title: 'Another place first', act: () => emit('later') },
        { key: 'e', title: 'End on a good moment', act: () => emit('end') },
      ]),
])
</script>

<template>
  <div class="reaction flex flex-col flex-1" :class="reaction.todo.toLowerCase()">
    <h2 class="text-5xl text-heather max-md:text-3xl">{{ labelOf('ReactionResponse', reaction.todo) }}</h2>
    <p
      v-for="reason in reaction.reasons"
      class="text-3xl leading-snug max-w-[50ch] max-md:text-2xl"
      :key="reason.rule"
      :data-rule="reason.rule"
    >
      {{ say(reason.text) }}
    </p>
    <div class="acts grid grid-cols-2 gap-12 mt-auto pt-16">
      <KeyButton v-for="one in actions" :key="one.key" :k="one.key" :disabled="saving" @press="one.act()">
        {{ one.title }}
      </KeyButton>
    </div>
  </div>
</template>

<style scoped>
.acts button {
  min-height: 92px;
  border: 3px solid rgb(var(--v-theme-heather));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  font: 700 1.35rem var(--slab);
  padding: 8px 12px;
}
.acts button:hover {
  background: rgb(var(--v-theme-wool));
}
@media (max-width: 899px) {
  .acts button {
    min-height: 76px;
    font-size: 1.1rem;
  }
}
</style>
