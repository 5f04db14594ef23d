<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useRoute } from 'vue-router'
import type { ToolKind, ToolView } from '@/api/types'
import { FOR_GOOD, useView } from '@/api/queries'
import { choiceOf, labelOf } from '@/api/words'
import PageState from '@/shell/PageState.vue'
import { useNotice } from '@/shell/useNotice'
import { daysAgo, useUnits } from '@/shell/useUnits'
import PalmTest from './PalmTest.vue'
import ToolCare from './ToolCare.vue'
import ToolEditor from './ToolEditor.vue'
import ToolShape from './ToolShape.vue'
import { useToolActions } from './useDrawer'

const { length } = useUnits()
const home = useView('home')
const { tell } = useNotice()
const drawer = useView('tools')
const kinds = useView('tools/kinds', FOR_GOOD)
const { remove, restore } = useToolActions()

/** Another page may ask for one of them. */
const asked = Number(useRoute().query.tool)
const chosen = ref<number | undefined>(Number.isInteger(asked) && asked > 0 ? asked : undefined)
/** With their kind a dog was not at ease at several places, and nobody has looked since. */
const palmTests = useView('palm-tests')
const adding = ref<ToolKind | 'ANY'>()
/** The brush whose other face is added. */
const turned = ref<ToolView>()
const panel = ref<HTMLElement>()

const tool = computed(() => drawer.data.value?.find((t) => t.id === chosen.value))
const kind = computed(() => kinds.data.value?.find((k) => k.kind === (tool.value?.form.kind ?? adding.value)))
const dogs = computed(() => (home.data.value?.dogs ?? []).filter((d) => d.known))
const empty = computed(() => drawer.data.value?.length === 0)
const picking = computed(() => adding.value === 'ANY' || (empty.value && !kind.value))

function measured(t: ToolView): string {
  const f = t.form
  return [
    f.pinMillimetres && length(f.pinMillimetres),
    f.pad?.toLowerCase(),
    f.tips === 'COATED' && 'coated',
    f.spacing && { WIDE_AND_FINE: 'wide and fine', WIDE: 'wide', FINE: 'fine' }[f.spacing],
  ]
    .filter(Boolean)
    .join(', ')
}
function state(t: ToolView): string {
  return t.putAside
    ? 'put aside'
    : palmTests.data.value?.some((one) => one.id === t.id)
      ? 'palm test asked for'
      : t.check
        ? `looked over ${daysAgo(home.data.value?.today ?? t.check.day, t.check.day)}`
        : t.form.kind === 'MIST'
          ? ''
          : 'not looked over'
}

async function open(change: { tool?: number; kind?: ToolKind | 'ANY'; back?: ToolView }) {
  turned.value = change.back
  chosen.value = change.tool
  adding.value = change.kind
  await nextTick()
  panel.value?.focus({ preventScroll: true })
  // Beside the roll it is in sight already; beneath it, on a phone, it is not.
  if (window.innerWidth < 900) panel.value?.scrollIntoView({ block: 'start' })
}

async function takeOut(t: ToolView) {
  await remove.mutateAsync(t.id)
  chosen.value = undefined
  tell(`${t.shownName} is out of the drawer.`, () => restore.mutate(t.id))
}
</script>

<template>
  <h1>The drawer</h1>
  <p>Every tool the household owns, whatever dog it is for. What it can do follows from what you can measure on it.</p>
  <PageState
    :pending="!drawer.data.value || !kinds.data.value"
    :error="drawer.error.value ?? kinds.error.value"
    @retry="drawer.refetch()"
  >
    <div class="grid grid-cols-[minmax(0,6fr)_minmax(0,5fr)] gap-36 mt-16 items-start max-md:grid-cols-1 max-md:gap-20">
      <div>
        <ul v-if="!empty" class="roll" aria-label="In the drawer">
          <li v-for="t in drawer.data.value" :key="t.id">
            <button
              type="button"
              class="pocket flex flex-col items-center w-full h-full py-8 px-4 rounded-plain text-center leading-tight relative"
              :class="{ aside: t.putAside }"
              :aria-pressed="chosen === t.id"
              @click="open({ tool: t.id })"
            >
              <ToolShape class="h-104 relative z-1" :kind="t.form.kind" :aside="t.putAside" />
              <b class="text-base mt-6">{{ t.shownName }}</b>
              <small class="text-xs">{{ measured(t) || (t.form.name ? labelOf('ToolKind', t.form.kind) : '') }}</small>
              <small v-if="t.otherFace" class="text-xs">turned over: {{ t.otherFace.shownName }}</small>
              <small class="state text-xs">{{ state(t) }}</small>
            </button>
          </li>
          <li>
            <button
              type="button"
              class="pocket flex flex-col items-center w-full h-full py-8 px-4 rounded-plain text-center leading-tight relative justify-start"
              @click="open({ kind: 'ANY' })"
            >
              <span
                class="h-112 grid place-items-center font-slab font-bold text-[3rem] leading-plain opacity-70"
                aria-hidden="true"
                >+</span
              ><b class="text-base mt-6">Add a tool</b>
            </button>
          </li>
        </ul>
        <p v-else class="lead text-lg max-w-[46ch]">
          The drawer is empty. Tap what you own; most homes have a brush and a comb. You do not need it all: once your
          dog’s coat is described, Rustic Tangle names the least you need.
        </p>
      </div>
      <div ref="panel" class="outline-none" tabindex="-1">
        <section v-if="picking" aria-labelledby="pick-title">
          <h2 id="pick-title">{{ turned ? 'What is on its other side?' : 'Which of these is it?' }}</h2>
          <ul class="kinds list-none p-0 grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-6">
            <li v-for="k in kinds.data.value!.filter((one) => !turned || one.face)" :key="k.kind">
              <button
                class="flex items-center gap-12 w-full min-h-72 py-6 px-10 text-left rounded-plain leading-tight hover:bg-wool"
                type="button"
                @click="open({ kind: k.kind, back: turned })"
              >
                <ToolShape class="w-34 flex-none" :kind="k.kind" /><span
                  ><b class="block">{{ labelOf('ToolKind', k.kind) }}</b
                  ><small class="text-xs">{{
                    k.blade ? 'left to a professional' : choiceOf('ToolKind', k.kind).hint
                  }}</small></span
                >
              </button>
            </li>
          </ul>
        </section>
        <template v-else-if="kind">
          <ToolEditor
            :key="tool?.id ?? kind.kind"
            :kind="kind"
            :tool="tool"
            :back="turned"
            @kept="(id) => open({ tool: id })"
            @leave="open({})"
          />
          <template v-if="tool">
            <PalmTest v-if="kind.palmTest" :tool="tool" :kind="kind" />
            <ToolCare v-if="tool.care" :tool="tool" :today="home.data.value?.today" />
            <p v-if="tool.otherFace">
              Turned over:
              <button type="button" class="link" @click="open({ tool: tool.otherFace.id })">
                {{ tool.otherFace.shownName }}
              </button>
            </p>
            <button
              v-else-if="kind.face"
              type="button"
              class="block mt-12 min-h-44 dotted"
              @click="open({ kind: 'ANY', back: tool })"
            >
              It has a second face
            </button>
            <button type="button" class="block mt-12 min-h-44 dotted" @click="takeOut(tool)">
              Take it out of the drawer{{ tool.otherFace ? ', both faces' : '' }}
            </button>
          </template>
        </template>
        <div v-else class="hint opacity-88 pt-12">
          <p>Tap a tool to measure it, to do its palm test, or to take it out.</p>
          <template v-if="dogs.length">
            <h2 class="mt-26">What they do</h2>
            <ul class="list-none p-0">
              <li v-for="dog in dogs" class="flex gap-18 items-center min-h-46 seam-b" :key="dog.id">
                <b class="min-w-110">{{ dog.name }}</b>
                <router-link class="text-inherit dotted" :to="`/dogs/${dog.id}/kit`">which goes where</router-link>
                <router-link class="text-inherit dotted" :to="`/dogs/${dog.id}/kit/buy`">what to buy</router-link>
              </li>
            </ul>
          </template>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.roll {
  list-style: none;
  padding: 22px 14px 18px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
  gap: 10px 8px;
  background: rgb(var(--v-theme-wool));
  border-radius: 16px 12px 18px 11px;
  box-shadow:
    inset 0 0 0 5px rgb(var(--v-theme-wool)),
    inset 0 0 0 6.5px rgb(var(--v-theme-seam));
}
.pocket b::first-letter {
  text-transform: uppercase;
}
.pocket::after {
  content: '';
  position: absolute;
  left: 6px;
  right: 6px;
  top: 70px;
  height: 50px;
  border: 1.5px dashed rgb(var(--v-theme-seam));
  border-top: 0;
  border-radius: 0 0 10px 10px;
  background: rgba(var(--v-theme-wool), 0.35);
  pointer-events: none;
  z-index: 2;
}
.pocket:hover {
  background: rgba(var(--v-theme-surface), 0.6);
}
.pocket[aria-pressed='true'] {
  background: rgb(var(--v-theme-surface));
  box-shadow: inset 0 -3px rgb(var(--v-theme-primary));
}
.aside .state {
  color: rgb(var(--v-theme-error));
  font-weight: 700;
}
.kinds b::first-letter {
  text-transform: uppercase;
}
@media (max-width: 899px) {
  .roll {
    grid-template-columns: repeat(3, 1fr);
  }
}
</style>
