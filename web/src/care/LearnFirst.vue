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
  <section class="flex-1 flex flex-col justify-center gap-14">
    <p class="slab name">It is still learning this: {{ subjectLabel(job.standing!.subject) }}</p>
    <h1 class="text-[clamp(1.7rem,3.2vw,2.6rem)] max-w-[26ch]">
      Rung {{ job.standing!.rungNumber }} of 10: {{ job.standing!.rungLabel }}
    </h1>
    <p class="text-2xl">A few seconds on this rung are today’s whole job.</p>
    <div class="grid grid-cols-2 gap-14 mt-18 max-md:grid-cols-1">
      <router-link class="big bg-heather text-surface" :to="practicePath(dogId, job.standing!)"
        >Practise this step</router-link
      >
      <p v-if="wholeMayNot" class="text-2xl" :data-rule="wholeMayNot.rule">{{ say(wholeMayNot.text) }}</p>
      <KeyButton v-else k="w" class="other flex-col min-h-104" @press="$emit('whole')"
        ><b>{{ all?.title ?? 'The whole job' }}</b
        ><small class="font-sans font-normal text-base leading-plain">{{
          all?.hint ?? 'it takes it already, or nearly'
        }}</small></KeyButton
      >
    </div>
    <p v-if="other">
      <router-link :to="practicePath(dogId, { subject: other.subject })">{{ other.title }}</router-link>
    </p>
  </section>
</template>
