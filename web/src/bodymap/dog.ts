import type { CoatForm, DogForm, Looks, Region } from '@/api/types'
import { PLAIN, type DrawnLooks } from './build'
import type { DrawnCoat, DrawnHair } from './hair'

/** One dog as it is drawn: its build and its coat. */
export interface DrawnDog {
  looks: DrawnLooks
  coat: DrawnCoat
}

/** A dog of which not all may be known yet. */
export function drawnDog(
  coat?: CoatForm | null,
  dog?: DogForm | (Looks & { lifeStage?: DogForm['lifeStage']; kilograms?: number }),
): DrawnDog {
  return {
    looks: dog
      ? {
          build: dog.build,
          ears: dog.ears,
          tail: dog.tail,
          puppy: dog.lifeStage === 'PUPPY',
          kilograms: dog.kilograms,
        }
      : PLAIN,
    coat: Object.fromEntries((coat?.regions ?? []).map((hair) => [hair.region, hair])),
  }
}

/** The same hair all over a plain dog. */
export function dogOf(coat: Partial<Record<Region, DrawnHair>>, looks: DrawnLooks = PLAIN): DrawnDog {
  return { looks, coat }
}
