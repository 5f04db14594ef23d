import type { DogForm } from '@/api/types'

/** Before anything is known. */
export const NEW_DOG: DogForm = {
  name: '',
  breed: '',
  kilograms: 0,
  lifeStage: 'ADULT',
  flatFace: false,
  neutered: true,
  skin: 'SOUND',
  history: 'GENTLE',
  wears: [],
  habits: [],
}
