<script setup lang="ts">
import { useNotice } from '@/shell/useNotice'
import { useUnits } from '@/shell/useUnits'
import { detailsOf } from '@/api/client'
import { useAppointment } from './useVisits'

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
  <div class="asked">
    <p>
      <b>The groom, {{ date(day) }}:</b> did it take place?
    </p>
    <div class="answers">
      <v-btn
        color="secondary"
        :loading="happened.isPending.value"
        :aria-label="`Yes, a full groom${dogName ? ` of ${dogName}` : ''} on ${date(day)} took place`"
        @click="yes"
        >Yes, a full groom</v-btn
      >
      <router-link
        class="less"
        :to="`/dogs/${dogId}/days/groom?visit=${day}`"
        :aria-label="`Less of it on ${date(day)}: say what was done`"
        @click="emit('less', day)"
        >Less of it</router-link
      >
      <v-btn
        variant="outlined"
        :loading="missed.isPending.value"
        :aria-label="`No, the groom${dogName ? ` of ${dogName}` : ''} on ${date(day)} did not take place`"
        @click="no"
        >No</v-btn
      >
    </div>
    <p v-if="happened.error.value ?? missed.error.value" class="caution" role="alert">
      <strong>{{ detailsOf(happened.error.value ?? missed.error.value) }}</strong>
    </p>
  </div>
</template>

<style scoped>
.less {
  color: inherit;
  min-height: 44px;
  padding: 10px 6px;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  border-left: 5px solid rgb(var(--v-theme-primary));
  padding: 4px 0 4px 12px;
  margin: 8px 0;
}
.answers {
  display: flex;
  gap: 8px;
}
.answers .v-btn {
  min-width: 72px;
  min-height: 44px;
}
</style>
