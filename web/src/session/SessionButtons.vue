<script setup lang="ts">
import { computed, ref } from 'vue'
import KeyButton from '@/shell/KeyButton.vue'

export interface SessionButton {
  key: string
  title: string
  group: 'dog' | 'hair' | 'session'
  act: () => void
  seldom?: boolean
}

/** What can be said at any moment, in groups; a key does the same. On a phone the seldom ones are folded away. */
const props = defineProps<{ buttons: SessionButton[]; saving: boolean }>()

const GROUPS = [
  ['dog', 'The dog'],
  ['hair', 'The hair'],
  ['session', 'The session'],
] as const
const groups = computed(() =>
  GROUPS.map(([id, name]) => ({ id, name, buttons: props.buttons.filter((one) => one.group === id) })).filter(
    (group) => group.buttons.length,
  ),
)
const unfolded = ref(false)
const folds = computed(() => props.buttons.some((one) => one.seldom))
</script>

<template>
  <div class="all" :class="{ unfolded }">
    <div v-for="group in groups" :key="group.id" role="group" :aria-label="group.name" :class="group.id">
      <KeyButton
        v-for="one in group.buttons"
        :key="one.key"
        :k="one.key"
        :class="{ seldom: one.seldom }"
        :disabled="saving"
        @press="one.act()"
      >
        {{ one.title }}
      </KeyButton>
    </div>
    <button v-if="folds" type="button" class="more" :aria-expanded="unfolded" @click="unfolded = !unfolded">
      {{ unfolded ? 'Less' : 'More' }}
    </button>
  </div>
</template>

<style scoped>
.all {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 12px;
}
.all > div {
  display: flex;
  gap: 8px;
  flex: 1 1 auto;
}
button {
  flex: 1 1 auto;
  white-space: nowrap;
  min-width: 92px;
  min-height: 64px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
  font-size: 1.05rem;
  padding: 0 8px;
}
button:hover {
  background: rgb(var(--v-theme-wool));
}
.dog button {
  border-color: rgb(var(--v-theme-heather));
  border-bottom-width: 5px;
}
.more {
  display: none;
}
@media (max-width: 899px) {
  .all {
    gap: 6px;
    margin-top: 8px;
  }
  .all > div {
    gap: 6px;
    display: contents;
  }
  button {
    min-width: 62px;
    flex: 1 1 17%;
    white-space: normal;
    font-size: 0.93rem;
    line-height: 1.15;
    padding: 0 2px;
  }
  .seldom {
    display: none;
  }
  .unfolded .seldom,
  .more {
    display: block;
  }
}
</style>
