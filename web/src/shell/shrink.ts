import facts from '@/api/facts'

/** What a browser can still turn into a picture without running out of memory. */
const MOST_MB = 40

/**
 * A photo made small, as JPEG in Base64. It is drawn anew, so that where and when it was taken stays behind.
 *
 * @throws Error in words for the owner, when it is no picture that this browser can read
 */
export async function shrink(file: File): Promise<string> {
  if (file.size >= MOST_MB * 1024 * 1024)
    throw new Error(`The photo has ${MOST_MB} MB or more; take it with fewer points.`)
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => undefined)
  if (!picture) throw new Error('The photo is no picture that this browser can read; choose a JPEG or PNG.')
  const scale = Math.min(1, facts.longestPhotoSide / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return canvas.toDataURL('image/jpeg', facts.photoQuality).split(',')[1]!
}
