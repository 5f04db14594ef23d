import type { RoutinePlaceView } from '@/api/types'

export type Method = RoutinePlaceView['methods'][number]
