<script setup lang="ts">
/** The frame of a job at the table: large, calm, readable at arm's length. */
defineProps<{
  dogId: number
  dogName: string
  title: string
  /** Which step of how many; undefined: there are none. */
  at?: number
  of?: number
  waiting: number
  refused?: string
}>()
</script>

<template>
  <main class="bench">
    <header>
      <router-link :to="`/dogs/${dogId}/care`">Done</router-link>
      <span
        >{{ dogName }}: <b>{{ title }}</b></span
      >
      <progress v-if="of" :value="at" :max="of" :aria-label="`${at} of ${of} steps done`" />
      <span v-if="of" class="count">{{ Math.min((at ?? 0) + 1, of) }} of {{ of }}</span>
      <slot name="head" />
    </header>
    <p v-if="waiting" class="waiting" role="status">
      No answer from Rustic Tangle yet. {{ waiting === 1 ? 'What you said is' : `${waiting} entries are` }} kept here
      and sent again. Go on.
    </p>
    <p v-if="refused" class="caution" role="alert">
      <strong>{{ refused }}</strong>
    </p>
    <slot />
    <footer v-if="$slots.foot"><slot name="foot" /></footer>
  </main>
</template>

<style scoped>
.bench {
  min-height: 100vh;
  max-width: 1240px;
  margin: 0 auto;
  padding: 14px 32px 24px;
  display: flex;
  flex-direction: column;
}
header {
  display: flex;
  align-items: center;
  gap: 22px;
  min-height: 52px;
}
header a {
  color: inherit;
  min-height: 44px;
  padding-top: 10px;
}
progress {
  flex: 1;
  height: 12px;
  accent-color: rgb(var(--v-theme-secondary));
}
.count {
  opacity: 0.9;
}
.waiting {
  background: rgb(var(--v-theme-wool));
  padding: 10px 16px;
  font-weight: 700;
  max-width: none;
}
footer {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: flex-start;
  border-top: 1.5px dashed rgb(var(--v-theme-seam));
  padding-top: 10px;
  margin-top: 14px;
}
.bench :deep(footer > button),
.bench :deep(footer > a) {
  min-height: 52px;
  padding: 12px 18px;
  border: 2px solid rgb(var(--v-theme-seam));
  border-radius: 10px 8px 12px 7px;
  color: inherit;
  text-decoration: none;
}
.bench :deep(footer > button:hover),
.bench :deep(footer > a:hover) {
  background: rgb(var(--v-theme-wool));
}
.bench :deep(footer > button:disabled) {
  opacity: 0.5;
}
@media (max-width: 899px) {
  .bench {
    padding: 6px 16px 16px;
  }
  header {
    flex-wrap: wrap;
    gap: 4px 14px;
  }
}
</style>
