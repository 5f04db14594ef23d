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
  <div
    class="bench min-h-[100vh] max-w-1240 my-0 mx-auto pt-14 px-32 pb-24 flex flex-col max-md:pt-6 max-md:px-16 max-md:pb-16"
  >
    <header class="flex items-center gap-22 min-h-52 max-md:flex-wrap max-md:gap-y-4 max-md:gap-x-14">
      <router-link class="min-w-44 text-inherit min-h-44 pt-10" :to="to">Done</router-link>
      <span
        >{{ dogName }}: <b class="name inline-block">{{ title }}</b></span
      >
      <progress
        v-if="of"
        class="flex-1 h-12 accent-secondary"
        :value="at"
        :max="of"
        :aria-label="`${at} of ${of} steps done`"
      />
      <span v-if="of" class="count opacity-88">{{ Math.min((at ?? 0) + 1, of) }} of {{ of }}</span>
      <slot name="head" />
    </header>
    <p v-if="waiting" class="waiting bg-wool py-10 px-16 font-bold max-w-none" role="status">
      No answer from Rustic Tangle yet. {{ waiting === 1 ? 'What you said is' : `${waiting} entries are` }} kept here
      and sent again. Go on.
    </p>
    <p v-if="refused" class="caution" role="alert">
      <strong>{{ refused }}</strong>
    </p>
    <slot />
    <footer v-if="$slots.foot" class="flex flex-wrap gap-y-8 gap-x-20 items-start seam-t pt-10 mt-14">
      <slot name="foot" />
    </footer>
  </div>
</template>

<style scoped>
.name::first-letter {
  text-transform: uppercase;
}
.bench :deep(.big),
.bench :deep(.other) {
  display: flex;
  align-items: center;
  justify-content: center;
  min-height: 104px;
  padding: 8px 22px;
  border-radius: 16px 12px 18px 11px;
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
  font-size: 1.35rem;
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
  border-radius: 9px 7px 10px 6px;
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
  .bench :deep(.big) {
    min-height: 84px;
    font-size: 1.35rem;
  }
}
</style>
