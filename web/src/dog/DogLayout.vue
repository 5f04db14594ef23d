<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import PageState from '@/shell/PageState.vue'
import DogHead from './DogHead.vue'
import { useDog } from './useDogs'
import ActKey from '@/shell/ActKey.vue'

const props = defineProps<{ dogId: number }>()

const route = useRoute()
const dog = useDog(() => props.dogId)
/** Only the coat and the dog itself can be shown before the coat is known. */
const needsCoat = computed(
  () => dog.data.value?.coatDescribed === false && !/\/dog\/(coat|coat\/finder|looks)$/.test(route.path),
)
</script>

<template>
  <PageState :pending="!dog.data.value" :error="dog.error.value" @retry="dog.refetch()">
    <DogHead v-if="dog.data.value" :dog-id="dogId" :dog="dog.data.value.form" />
    <div v-if="needsCoat" class="first grid gap-12 justify-items-start py-24 px-0">
      <h2>First the coat</h2>
      <p>Which tool, which order and which day all follow from what grows where.</p>
      <ActKey color="primary" size="large" :to="`/dogs/${dogId}/dog/coat`">Describe the coat</ActKey>
    </div>
    <router-view v-else :key="dogId" />
  </PageState>
</template>
