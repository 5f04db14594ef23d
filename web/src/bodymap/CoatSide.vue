<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Region, Section } from '@/api/types'
import BurrMark from './BurrMark.vue'
import MatMark from './MatMark.vue'
import { AREAS, FAR_PASTERN_Y, type SectionArea } from './areas'
import { closedCurve } from './geometry'
import { drawHair, regionOf, type DrawnHair } from './hair'
import { BODY, EAR_HANGING, EAR_PRICKED, EYE, FAR_FRONT_LEG, FAR_HIND_LEG, NOSE, TAIL, type Point } from './landmarks'
import { otherSide } from './sides'

/** How one section is painted. */
export interface Paint {
  /** A CSS colour laid over the coat; absent: nothing is laid over it. */
  fill?: string
  /** A letter or number drawn on it, so that colour is not needed; absent: none. */
  letter?: string
  /** 0 to 4 burrs drawn on it; absent: none. */
  burrs?: number
  /** A mat left in, by its size; absent: none. */
  mat?: string
  /** What is said of it after its name. */
  says?: string
}

const props = defineProps<{
  side: 'LEFT' | 'RIGHT'
  names: Partial<Record<Section, string>>
  coat?: Partial<Record<Region, DrawnHair>>
  paint?: Partial<Record<Section, Paint>>
  selected?: readonly Section[]
  /** Only to look at: nothing can be chosen. */
  still?: boolean
}>()
const emit = defineEmits<{ choose: [section: Section] }>()

const id = useId()
const focused = ref<Section>()

const hair = computed(() => drawHair(props.coat ?? {}))
/** A pricked ear grows out from behind the skull's line; a hanging one lies before it. */
const pricked = computed(() => props.coat?.EARS?.kind === 'DOUBLE')
const ear = computed(() => (pricked.value ? EAR_PRICKED : EAR_HANGING))
/** Where hair hides the edge, the pen only hints at it. */
const shaggy = computed(() =>
  ['BODY', 'NECK', 'LEGS'].some((region) => (props.coat?.[region as Region]?.millimetres ?? 0) > 28),
)

/** The drawing is of the left side; on the right one the near sections are the right ones. */
function near(section: Section): Section {
  return props.side === 'LEFT' ? section : otherSide(section)
}
function far(section: Section): Section {
  return props.side === 'RIGHT' ? section : otherSide(section)
}

interface Shape {
  section: Section
  path: string
  clip: string
  where: Point
  hint: string
}

const HINTS: Partial<Record<Section, string>> = {
  ARMPIT_LEFT: 'lift the leg',
  BELLY: 'seen from below',
  BEHIND_EAR_LEFT: 'lift the ear',
  THROAT: 'lift the chin',
}

const earShape = computed<Shape>(() => ({
  section: near('EAR_LEFT'),
  path: closedCurve(ear.value),
  clip: '',
  where: pricked.value ? [264, 110] : [276, 226],
  hint: '',
}))
const farLegs = computed(farShapes)
const tail: Shape = { section: 'TAIL_WHOLE', path: closedCurve(TAIL), clip: '', where: [868, 214], hint: '' }
const behind = computed(() => [...farLegs.value, tail, ...(pricked.value ? [earShape.value] : [])])
const body = computed(() => AREAS.map(nearShape))
const before = computed(() => (pricked.value ? [] : [earShape.value]))
const shapes = computed<Shape[]>(() => [...behind.value, ...body.value, ...before.value])
const current = computed(
  () =>
    focused.value ?? props.selected?.find((s) => shapes.value.some((x) => x.section === s)) ?? near('SHOULDER_LEFT'),
)

const NEAR_MARKS: Partial<Record<Section, Point>> = {
  MUZZLE: [156, 268],
  CROWN: [234, 166],
  BEHIND_EAR_LEFT: [318, 214],
  NECK_RUFF: [356, 270],
  THROAT: [272, 308],
  CHEST: [336, 388],
  SHOULDER_LEFT: [412, 350],
  BACK: [570, 264],
  SIDE_LEFT: [560, 350],
  BELLY: [560, 430],
  ARMPIT_LEFT: [428, 448],
  FRONT_LEG_LEFT: [394, 530],
  FRONT_FOOT_LEFT: [380, 632],
  THIGH_LEFT: [696, 370],
  REAR_TROUSERS: [772, 366],
  HIND_LEG_LEFT: [766, 520],
  HIND_FOOT_LEFT: [744, 632],
}

function nearShape(area: SectionArea): Shape {
  return {
    section: near(area.section),
    path: area.path,
    clip: `url(#${id}-body)`,
    where: NEAR_MARKS[area.section] ?? [500, 350],
    hint: HINTS[area.section] ?? '',
  }
}

function farShapes(): Shape[] {
  const rows: [Section, readonly Point[], 'leg' | 'foot', string, Point][] = [
    ['FRONT_LEG_LEFT', FAR_FRONT_LEG, 'leg', 'inner side', [436, 540]],
    ['FRONT_FOOT_LEFT', FAR_FRONT_LEG, 'foot', '', [424, 632]],
    ['HIND_LEG_LEFT', FAR_HIND_LEG, 'leg', 'inner side', [722, 560]],
    ['HIND_FOOT_LEFT', FAR_HIND_LEG, 'foot', '', [700, 632]],
  ]
  return rows.map(([section, points, part, hint, where]) => ({
    section: far(section),
    path: closedCurve(points),
    clip: `url(#${id}-far-${part})`,
    where,
    hint,
  }))
}

function paleAt(section: Section): boolean {
  const region = regionOf(section)
  return !!region && !!props.coat?.[region]?.pale
}

function label(shape: Shape): string {
  const name = props.names[shape.section] ?? shape.section
  const says = props.paint?.[shape.section]?.says
  return name + (shape.hint ? ` (${shape.hint})` : '') + (says ? `: ${says}` : '')
}

function move(event: KeyboardEvent, shape: Shape) {
  const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (step) {
    event.preventDefault()
    const order = shapes.value
    const next = order[(order.indexOf(shape) + step + order.length) % order.length]!
    focused.value = next.section
    const shapesOnScreen = (event.currentTarget as Element).closest('svg')!.querySelectorAll<SVGElement>('[data-shape]')
    shapesOnScreen[order.indexOf(next)]?.focus()
  } else if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    emit('choose', shape.section)
  }
}

const flip = computed(() => (props.side === 'RIGHT' ? 'translate(1000 0) scale(-1 1)' : undefined))
const at = ([x, y]: Point): string => `translate(${x} ${y})`
</script>

<template>
  <svg
    class="side"
    viewBox="50 40 900 625"
    :role="still ? 'img' : 'group'"
    :aria-label="`Coat map, ${side.toLowerCase()} side`"
  >
    <defs>
      <clipPath :id="`${id}-body`"><path :d="closedCurve(BODY)" /></clipPath>
      <clipPath :id="`${id}-far-leg`"><rect x="300" y="380" width="600" :height="FAR_PASTERN_Y - 380" /></clipPath>
      <clipPath :id="`${id}-far-foot`"><rect x="300" :y="FAR_PASTERN_Y" width="600" height="100" /></clipPath>
    </defs>
    <ellipse class="ground" cx="560" cy="650" rx="300" ry="10" />
    <g :transform="flip">
      <path class="far" :d="closedCurve(FAR_FRONT_LEG) + closedCurve(FAR_HIND_LEG)" />
      <template v-for="(group, g) in [behind, body, before]" :key="g">
        <template v-if="g === 0">
          <path
            v-for="(tuft, i) in hair.fringe"
            :key="'f' + i"
            class="fringe"
            :class="{ pale: tuft.pale }"
            :d="tuft.d"
          />
          <path class="coat" :class="{ pale: coat?.TAIL?.pale }" :d="tail.path" />
          <path v-if="pricked" class="coat ear" :class="{ pale: coat?.EARS?.pale }" :d="earShape.path" />
        </template>
        <template v-else-if="g === 1">
          <path class="coat" :d="closedCurve(BODY)" />
          <g v-for="shape in body" :key="'p' + shape.section" :clip-path="shape.clip">
            <path v-if="paleAt(shape.section)" class="coat pale" :d="shape.path" />
          </g>
        </template>
        <path v-else-if="!pricked" class="coat ear" :class="{ pale: coat?.EARS?.pale }" :d="earShape.path" />
        <g v-for="shape in group" :key="shape.section" :clip-path="shape.clip || undefined">
          <path
            class="area"
            :class="{ chosen: selected?.includes(shape.section), still }"
            :d="shape.path"
            :data-section="shape.section"
            :style="{ fill: paint?.[shape.section]?.fill ?? 'transparent' }"
            v-bind="
              still
                ? {}
                : {
                    'data-shape': '',
                    role: 'button',
                    tabindex: shape.section === current ? 0 : -1,
                    'aria-label': label(shape),
                    'aria-pressed': !!selected?.includes(shape.section),
                  }
            "
            @click="!still && emit('choose', shape.section)"
            @keydown="!still && move($event, shape)"
            @focus="focused = shape.section"
          >
            <title v-if="!still">{{ label(shape) }}</title>
          </path>
        </g>
        <path v-if="g === 0" class="ink" :class="{ hint: shaggy }" :d="tail.path" />
        <g v-if="g === 0" class="pen">
          <path v-for="(line, i) in hair.tail" :key="'t' + i" :class="line.kind.toLowerCase()" :d="line.d" />
        </g>
        <path v-if="g === 0 && pricked" class="ink" :d="earShape.path" />
        <path v-if="g === 1" class="ink main" :class="{ hint: shaggy }" :d="closedCurve(BODY)" />
        <g v-if="g === 1" class="pen" :clip-path="`url(#${id}-body)`">
          <path v-for="(line, i) in hair.strokes" :key="'s' + i" :class="line.kind.toLowerCase()" :d="line.d" />
        </g>
      </template>
      <path v-if="!pricked" class="ink" :d="earShape.path" />
      <g class="face">
        <ellipse :cx="NOSE[0] + 2" :cy="NOSE[1] + 5" rx="17" ry="14" />
        <path class="line" d="M104 272Q112 290 150 288Q176 286 192 276" />
        <ellipse :cx="EYE[0]" :cy="EYE[1]" rx="8.5" ry="9.5" />
        <circle class="glint" :cx="EYE[0] - 3" :cy="EYE[1] - 4" r="2.6" />
        <path class="line" d="M178 190Q192 181 210 191" />
        <path class="line thin" d="M352 650v-14M366 651v-13M716 651v-13M732 652v-13" />
      </g>
      <g v-for="shape in shapes" :key="'m' + shape.section" :transform="at(shape.where)" class="mark">
        <MatMark v-if="paint?.[shape.section]?.mat" :lump="paint[shape.section]!.mat!" />
        <BurrMark v-else-if="paint?.[shape.section]?.burrs" :count="paint[shape.section]!.burrs!" />
        <text v-if="paint?.[shape.section]?.letter" :transform="flip && 'scale(-1 1)'">
          {{ paint[shape.section]!.letter }}
        </text>
      </g>
    </g>
  </svg>
</template>

<style scoped>
.side {
  display: block;
  width: 100%;
  height: auto;
  overflow: visible;
  touch-action: manipulation;
}
.ground {
  fill: rgb(var(--v-theme-ink));
  opacity: 0.1;
}
.coat,
.fringe {
  fill: rgb(var(--v-theme-fur));
}
.fringe {
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 1.3;
  stroke-linejoin: round;
}
.coat.pale,
.fringe.pale {
  fill: rgb(var(--v-theme-pale-fur));
}
.far {
  fill: rgb(var(--v-theme-far-fur));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2;
}
.ink {
  fill: none;
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 3;
  stroke-linejoin: round;
  pointer-events: none;
}
.ink.main {
  stroke-width: 3.4;
}
.ink.hint {
  stroke-width: 2;
  opacity: 0.5;
}
.pen {
  pointer-events: none;
  fill: none;
  stroke: rgb(var(--v-theme-pen));
  stroke-linecap: round;
  stroke-width: 1.5;
  opacity: 0.42;
}
.pen .drop {
  stroke-width: 1.3;
}
.pen .wire {
  stroke-width: 1.7;
}
.face {
  fill: rgb(var(--v-theme-pen));
  pointer-events: none;
}
.face .line {
  fill: none;
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 3.4;
  stroke-linecap: round;
}
.face .thin {
  stroke-width: 2.2;
}
.face .glint {
  fill: rgb(var(--v-theme-pale-fur));
}
.area {
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 1.6;
  stroke-dasharray: 2 7;
  stroke-linecap: round;
  stroke-opacity: 0.5;
  outline: none;
  transition: fill 0.2s;
}
.area.still {
  stroke-opacity: 0.28;
}
.area:not(.still) {
  cursor: pointer;
}
.area:not(.still):hover {
  stroke-opacity: 1;
  stroke-width: 3;
  stroke-dasharray: none;
}
.area.chosen,
.area.chosen:not(.still):hover {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 8;
  stroke-opacity: 1;
  stroke-dasharray: none;
}
.area:focus-visible {
  stroke: rgb(var(--v-theme-focus));
  stroke-width: 9;
  stroke-opacity: 1;
  stroke-dasharray: 12 6;
}
.mark {
  pointer-events: none;
}
.mark text {
  font: 700 26px var(--slab);
  text-anchor: middle;
  dominant-baseline: central;
  fill: rgb(var(--v-theme-pen));
}
@media (prefers-reduced-motion: reduce) {
  .area {
    transition: none;
  }
}
</style>
