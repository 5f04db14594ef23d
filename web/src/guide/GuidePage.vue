<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import NowhereView from '@/shell/NowhereView.vue'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { GUIDE, guidePage } from './guide'
import { glossary } from './words'

/** For owners: how a thing is done from its beginning to its end, and what the words mean. */
const props = defineProps<{ page: string }>()

const PAGES = [
  ...GUIDE.map(([name, title]) => [`/guide/${name}`, title] as const),
  ['/guide/words', 'The words'] as const,
]
const text = useQuery({
  queryKey: ['guide', () => props.page],
  queryFn: async () => (await guidePage(props.page)) ?? '',
  staleTime: Infinity,
})
</script>

<template>
  <SubNav label="Guide" :pages="PAGES" />
  <article v-if="page === 'words'">
    <h1>The words</h1>
    <dl class="grid grid-cols-[minmax(140px,220px)_1fr] gap-x-24 max-w-820 mt-14 max-sm:grid-cols-1">
      <template v-for="one in glossary" :key="one.word">
        <dt class="font-bold seam-t pt-8 max-sm:pb-0">{{ one.word }}</dt>
        <dd class="m-0 pb-8 sm:seam-t sm:pt-8">{{ one.meaning }}</dd>
      </template>
    </dl>
  </article>
  <PageState v-else :pending="text.isPending.value" :error="text.error.value" @retry="text.refetch()">
    <!-- eslint-disable-next-line vue/no-v-html -- our own pages, shipped with the product -->
    <article v-if="text.data.value" class="guide" v-html="text.data.value" />
    <NowhereView v-else />
  </PageState>
</template>

<style scoped>
.guide :deep(ol),
.guide :deep(p) {
  max-width: 68ch;
  margin: 12px 0;
}
.guide :deep(ol) {
  padding-left: 26px;
}
.guide :deep(li) {
  margin: 8px 0;
}
.guide :deep(img) {
  display: block;
  width: min(760px, 100%);
  border: 1.5px solid rgb(var(--v-theme-seam));
  border-radius: 12px 9px 13px 8px;
}
</style>
