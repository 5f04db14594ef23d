<script setup lang="ts">
/** The frame of what is done beside the dog: large, calm, readable at arm's length. */
defineProps<{
  /** Where "Done" leads. */
  to: string
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
  <div class="bench">
    <header>
      <router-link :to="to">Done</router-link>
      <span
        >{{ dogName }}: <b class="name">{{ title }}</b></span
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
  </div>
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
  min-width: 44px;
  color: inherit;
  min-height: 44px;
  padding-top: 10px;
}
.name {
  display: inline-block;
}
.name::first-letter {
  text-transform: uppercase;
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
.bench :deep(.big),
.bench :deep(.other) {
  display: flex;
  align-items: center;
  justify-content: center;
  min-height: 104px;
  padding: 8px 22px;
  border-radius: 20px 15px 22px 14px;
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font: 700 1.7rem var(--slab);
  text-decoration: none;
  text-align: center;
}
.bench :deep(.other) {
  min-height: 72px;
  border: 3px solid rgb(var(--v-theme-slate));
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font-size: 1.3rem;
}
.bench :deep(.big:disabled),
.bench :deep(.other:disabled) {
  opacity: 0.5;
}
.bench :deep(p.name) {
  font-size: 1.35rem;
  color: rgb(var(--v-theme-secondary));
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
  .bench :deep(.big) {
    min-height: 84px;
    font-size: 1.35rem;
  }
}
</style>
