<script setup lang="ts">
import type { JobView, Reason } from '@/api/types'
import { subjectLabel } from '@/api/words'
import KeyButton from '@/shell/KeyButton.vue'
import { useUnits } from '@/shell/useUnits'
import { practicePath } from '@/trust/pages'

/** A job that the dog still learns: its next step, or the whole of it all the same. */
defineProps<{
  dogId: number
  job: JobView
  other?: { subject: string; title: string }
  /** What the whole of it is called where the dog still learns it; undefined: as it is. */
  all?: { title: string; hint: string }
  /** Why only its next step is done; undefined: the whole of it may be. */
  wholeMayNot?: Reason
}>()
defineEmits<{ whole: [] }>()

const { say } = useUnits()
</script>

<template>
  <section class="learn">
    <p class="slab name">It is still learning this: {{ subjectLabel(job.standing!.subject) }}</p>
    <h1>Rung {{ job.standing!.rungNumber }} of 10: {{ job.standing!.rungLabel }}</h1>
    <p class="sub">A few seconds on this rung are today’s whole job.</p>
    <div class="two">
      <router-link class="big learn-it" :to="practicePath(dogId, job.standing!)">Practise this step</router-link>
      <p v-if="wholeMayNot" class="sub" :data-rule="wholeMayNot.rule">{{ say(wholeMayNot.text) }}</p>
      <KeyButton v-else k="w" class="other" @press="$emit('whole')"
        ><b>{{ all?.title ?? 'The whole job' }}</b
        ><small>{{ all?.hint ?? 'it takes it already, or nearly' }}</small></KeyButton
      >
    </div>
    <p v-if="other">
      <router-link :to="practicePath(dogId, { subject: other.subject })">{{ other.title }}</router-link>
    </p>
  </section>
</template>

<style scoped>
.learn {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 14px;
}
h1 {
  font-size: clamp(1.7rem, 3.2vw, 2.6rem);
  max-width: 26ch;
}
.sub {
  font-size: 1.35rem;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px;
  margin-top: 18px;
}
.learn .two .learn-it {
  background: rgb(var(--v-theme-heather));
  color: rgb(var(--v-theme-surface));
}
.learn .two .other {
  flex-direction: column;
  min-height: 104px;
}
small {
  font: 400 1rem var(--sans);
}
@media (max-width: 899px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
