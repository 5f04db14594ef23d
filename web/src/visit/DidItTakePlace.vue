<script setup lang="ts">
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import { detailsOf } from '@/api/client'
import { useAppointment } from './useVisits'
import ActKey from '@/shell/ActKey.vue'

/** An appointment that was: nothing counts before somebody says that it took place. */
const props = defineProps<{ dogId: number; day: string; dogName?: string }>()
const emit = defineEmits<{ happened: [day: string]; less: [day: string] }>()

const { date } = useUnits()
const { tell } = useNotice()
const { happened, missed, undoHappened, undoMissed } = useAppointment(() => props.dogId)

async function yes() {
  const day = props.day
  if (!(await happened.mutateAsync(day).catch(() => undefined))) return
  tell(`The groom of ${date(day)} counts.`, () => undoHappened.mutate(day))
  emit('happened', day)
}
async function no() {
  const day = props.day
  if (await missed.mutateAsync(day).catch(() => undefined))
    tell(`No groom on ${date(day)}: nothing changes.`, () => undoMissed.mutate(day))
}
</script>

<template>
  <div class="flex flex-wrap gap-y-6 gap-x-16 items-center border-l-5 border-l-primary pt-4 pr-0 pb-4 pl-12 my-8 mx-0">
    <p>
      <b>The groom, {{ date(day) }}:</b> did it take place?
    </p>
    <div class="answers flex gap-8">
      <ActKey
        color="secondary"
        :loading="happened.isPending.value"
        :aria-label="`Yes, a full groom${dogName ? ` of ${dogName}` : ''} on ${date(day)} took place`"
        @click="yes"
        >Yes, a full groom</ActKey
      >
      <router-link
        class="text-inherit min-h-44 py-10 px-6"
        :to="`/dogs/${dogId}/days/groom?visit=${day}`"
        :aria-label="`Less of it on ${date(day)}: say what was done`"
        @click="emit('less', day)"
        >Less of it</router-link
      >
      <ActKey
        variant="outlined"
        :loading="missed.isPending.value"
        :aria-label="`No, the groom${dogName ? ` of ${dogName}` : ''} on ${date(day)} did not take place`"
        @click="no"
        >No</ActKey
      >
    </div>
    <p v-if="happened.error.value ?? missed.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(happened.error.value ?? missed.error.value) }}</strong>
    </p>
  </div>
</template>

<style scoped>
.answers .act {
  min-width: 72px;
  min-height: 44px;
}
</style>
