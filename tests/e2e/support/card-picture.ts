import { PNG } from 'pngjs'
import { encodeChannel, fromHex } from '../../../core/colour'

/** A picture of a grey card on the left and a sample on the right, under a light of some cast. */
export function cardPicture(
  sample: string,
  { cast = [1, 1, 1], exposure = 0.8 }: { cast?: readonly number[]; exposure?: number } = {},
): Buffer {
  const png = new PNG({ width: 400, height: 240 })
  const colour = fromHex(sample)
  for (let y = 0; y < png.height; y += 1)
    for (let x = 0; x < png.width; x += 1)
      for (let channel = 0; channel < 4; channel += 1) {
        const reflects = x < 200 ? 0.18 : (colour[channel] ?? 0)
        const light = reflects * (cast[channel] ?? 1) * exposure
        png.data[(y * png.width + x) * 4 + channel] =
          channel === 3 ? 255 : Math.round(encodeChannel(light) * 255)
      }
  return PNG.sync.write(png)
}
