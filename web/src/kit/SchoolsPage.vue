<script setup lang="ts">
import { computed } from 'vue'
import { messageOf } from '@/api/client'
import { useSections } from '@/api/queries'
import type { ApproachForm, SchoolView } from '@/api/types'
import ChoiceRow from '@/shell/ChoiceRow.vue'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useNotice } from '@/shell/useNotice'
import { toolPages } from './pages'
import { placesInShort } from './places'
import { useSchools } from './useKit'
import choices from '@/api/choices'
import { choiceOf } from '@/api/words'

const props = defineProps<{ dogId: number }>()

const { named } = useSections()
const { tell } = useNotice()
const { schools, choose } = useSchools(() => props.dogId)
const chosen = computed(() => schools.data.value?.chosen)

async function change(part: Partial<ApproachForm>) {
  const before = chosen.value!
  const kept = await choose.mutateAsync({ ...before, ...part }).catch(() => undefined)
  if (kept) tell('Kept for this dog; tools, minutes and what to buy follow.', () => choose.mutate(before))
}

function changes(school: SchoolView): string[] {
  return school.changes.map((c) => `${placesInShort(c.sections, named.value, 4)}: ${c.to} instead of ${c.from}`)
}
</script>

<template>
  <PageState :pending="!chosen" :error="schools.error.value" @retry="schools.refetch()">
    <div v-if="chosen" class="page">
      <SubNav label="Tools" :pages="toolPages(dogId)" />
      <h2>Where practitioners disagree</h2>
      <p>Each way has good hands behind it. What you choose is kept for this dog; you can change it any day.</p>
      <div class="schools" role="group" aria-label="Which tool leads">
        <button type="button" class="school" :aria-pressed="!chosen.lead" @click="change({ lead: undefined })">
          <b class="slab">As each coat asks</b><span>Every place follows the order most hands use for its coat.</span>
        </button>
        <button
          v-for="school in schools.data.value!.schools"
          :key="school.school"
          type="button"
          class="school"
          :aria-pressed="chosen.lead === school.school"
          @click="change({ lead: school.school })"
        >
          <b class="slab">{{ choiceOf('LeadSchool', school.school).label }}</b><span>{{
            choiceOf('LeadSchool', school.school).hint
          }}</span>
          <small v-if="chosen.lead === school.school">chosen</small>
          <small v-else-if="!school.changes.length">changes nothing on this dog as things are</small>
          <small v-for="text in changes(school).slice(0, 3)" :key="text">{{ text }}</small>
        </button>
      </div>
      <p v-if="choose.error.value" class="caution" role="alert">
        <strong>Not kept.</strong> {{ messageOf(choose.error.value) }}
      </p>
      <hr class="seam" />
      <ChoiceRow
        label="My hand"
        :choices="choices.Hand"
        :model-value="chosen.hand"
        @update:model-value="change({ hand: $event })"
      />
      <ChoiceRow
        label="Pin tips"
        :choices="choices.TipSchool"
        :model-value="chosen.tips"
        @update:model-value="change({ tips: $event })"
      />
      <ChoiceRow
        label="Mist"
        :choices="choices.MistSchool"
        :model-value="chosen.mist"
        @update:model-value="change({ mist: $event })"
      />
      <p class="quiet">
        Two things are not a choice here. De-shedding blades: some use one daily, most warn that it cuts guard hair and
        scratches. Mat breakers: they cut, and the pulling burns the skin. Both are left to a professional.
      </p>
    </div>
  </PageState>
</template>

<style scoped>
.schools {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 10px;
  margin-top: 12px;
}
.school {
  text-align: left;
  padding: 12px 16px;
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
  background: rgb(var(--v-theme-surface));
  display: flex;
  flex-direction: column;
  gap: 4px;
  line-height: 1.3;
}
.school b::first-letter {
  text-transform: uppercase;
}
.school b {
  font-size: 1.1rem;
}
.school[aria-pressed='true'] {
  background: rgb(var(--v-theme-wool));
  border-color: rgb(var(--v-theme-ink));
  box-shadow: inset 0 -4px rgb(var(--v-theme-primary));
}
.school small {
  font-size: 0.88rem;
  border-top: 1px dashed rgb(var(--v-theme-seam));
  padding-top: 4px;
}
</style>
