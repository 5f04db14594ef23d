<script setup lang="ts">
import type { CoatKind, CoatKindInfo } from '@/api/types'
import { choiceOf, labelOf } from '@/api/words'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** One kind of coat out of all there are, each with how it is told. */
defineProps<{ kinds: CoatKindInfo[]; chosen?: CoatKind }>()
defineEmits<{ choose: [kind: CoatKindInfo] }>()
</script>

<template>
  <div
    class="kinds grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] gap-8 mb-14 max-sm:grid-cols-2"
    role="group"
    aria-label="Kind of coat"
  >
    <ChoiceKey v-for="kind in kinds" :key="kind.kind" :on="chosen === kind.kind" @click="$emit('choose', kind)">
      <b class="capitalize">{{ labelOf('CoatKind', kind.kind) }}</b><small>{{
        choiceOf('CoatKind', kind.kind).hint
      }}</small>
    </ChoiceKey>
  </div>
</template>
