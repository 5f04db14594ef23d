<script setup lang="ts">
import KeyButton from '@/shell/KeyButton.vue'

/** Something else than "it ran free": four large choices, and what is seldom wanted beneath. */
defineProps<{ saving: boolean; canUndo: boolean; canHelp: boolean; goesRound: boolean; treats: number }>()
const emit = defineEmits<{ choose: [what: Else] }>()

type Else =
  | 'comb'
  | 'dog'
  | 'pause'
  | 'undo'
  | 'treat'
  | 'hair'
  | 'help'
  | 'later'
  | 'skip'
  | 'end'
  | 'seen'
  | 'why'
  | 'cry'
  | 'back'
</script>

<template>
  <div class="flex flex-col flex-1 gap-14 max-md:gap-8">
    <div class="four grid grid-cols-2 gap-14 flex-1 max-md:gap-8">
      <KeyButton k="c" :disabled="saving" @press="emit('choose', 'comb')"
        ><b>It catches</b><small>a tangle, a lump, a mat</small></KeyButton
      >
      <KeyButton k="d" :disabled="saving" @press="emit('choose', 'dog')"
        ><b>The dog …</b><small>is uneasy, opts out, is afraid</small></KeyButton
      >
      <KeyButton k="p" :disabled="saving" @press="emit('choose', 'pause')"
        ><b>Pause</b><small>hands off, the time stands still</small></KeyButton
      >
      <KeyButton k="u" :disabled="saving || !canUndo" @press="emit('choose', 'undo')"
        ><b>Back one</b><small>take the last answer back</small></KeyButton
      >
    </div>
    <div class="grid grid-cols-4 gap-10 text-xl max-md:grid-cols-2 max-md:gap-6 max-md:text-lg">
      <KeyButton k="t" :disabled="saving" @press="emit('choose', 'treat')">A treat · {{ treats }}</KeyButton>
      <KeyButton k="?" :disabled="saving || !canHelp" @press="emit('choose', 'help')">How it is done</KeyButton>
      <KeyButton k="h" :disabled="saving" @press="emit('choose', 'hair')">Hair brought out</KeyButton>
      <KeyButton k="i" :disabled="saving" @press="emit('choose', 'seen')">Something seen</KeyButton>
      <KeyButton k="w" :disabled="saving" @press="emit('choose', 'why')">Why it minds</KeyButton>
      <KeyButton k="y" :disabled="saving" @press="emit('choose', 'cry')">It cries</KeyButton>
      <KeyButton v-if="!goesRound" k="l" :disabled="saving" @press="emit('choose', 'later')"
        >Another place first</KeyButton
      >
      <KeyButton k="s" :disabled="saving" @press="emit('choose', 'skip')">{{
        goesRound ? 'Without this tool today' : 'Leave it for today'
      }}</KeyButton>
      <KeyButton k="e" :disabled="saving" @press="emit('choose', 'end')">End here</KeyButton>
    </div>
    <KeyButton k="b" class="on" pedal="back" :disabled="saving" @press="emit('choose', 'back')"
      >Go on brushing</KeyButton
    >
  </div>
</template>

<style scoped>
button {
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 16px 12px 18px 11px;
  background: rgb(var(--v-theme-surface));
  min-height: 64px;
  padding: 8px 16px;
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
.four :deep(kbd) {
  align-self: center;
}
.four button {
  display: grid;
  grid-template-columns: 1fr auto;
  align-content: center;
  text-align: left;
  min-height: 112px;
  border-width: 3px;
  border-color: rgb(var(--v-theme-primary));
}
b {
  font: 700 2rem var(--slab);
}
small {
  grid-column: 1 / -1;
  grid-row: 2;
  font-size: 1.2rem;
}
.on {
  font: 700 1.35rem var(--slab);
  min-height: 72px;
}
@media (max-width: 899px) {
  .four button {
    min-height: 96px;
    padding: 6px 10px;
  }
  b {
    font-size: 1.35rem;
  }
  small {
    font-size: 1rem;
    line-height: 1.2;
  }
}
</style>
