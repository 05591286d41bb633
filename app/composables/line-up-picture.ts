import { until } from '@vueuse/core'
import type { Look } from '~~/core/plants'
import { formatRatio, toModelMm, toRealMm } from '~~/core/units'
import { labelOf, layOut } from '../drawing/line-up'
import { lineUpSvg, marginOf, standIn, type LineUpPicture, type Place } from '../drawing/picture'
import { drawingAsked, growAgain, underWay } from '../drawing/studio'
import { canvasOf } from '../drawing/put-on'
import { serviceOf } from '../workers/service'
import { roundStep } from '../drawing/ticks'
import { drawnAt } from '../stores/line-up'
import { fileNameOf, save } from './save'

/** The room that a picture is laid out in. */
const PAPER = { widthPx: 1600, groundPx: 520, topPx: 10, leftPx: 0, rightPx: 0, shelfPx: 56 }

/** A plant at its place: of which drawing, on what day. */
interface Planted extends Place {
  readonly drawing: number
  readonly look: Look
}

/** The line-up as a picture to keep: PNG, SVG at true size, or in the clipboard. */
export function useLineUpPicture() {
  const commission = useCommission()
  const view = useLineUp()
  const notices = useNotices()
  const { model, real } = useFormat()
  const saving = ref(false)

  /** The whole line-up laid out for paper, with everything grown. */
  function picture(): { readonly drawn: LineUpPicture; readonly plants: readonly Planted[] } | undefined {
    const job = commission.current
    if (!job) return undefined
    const personMm = toModelMm(1750, job.ratio)
    const layout = layOut(view.subjects, personMm, PAPER, view.mostShelves)
    const mm = (px: number): number => px / layout.pxPerMm
    const plants = layout.stands.flatMap(({ plant, xs, lift }) =>
      xs.flatMap((x, i) =>
        drawnAt(plant, i).flatMap(({ sitter, look, offsetMm }) => {
          const drawing = drawingAsked(sitter)
          const xMm = mm(x) + offsetMm * plant.shrink
          return drawing
            ? [{ drawing: drawing.id, look: toRaw(look), xMm, liftMm: mm(lift), shrink: plant.shrink }]
            : []
        }),
      ),
    )
    const drawn = {
      title: job.name,
      under: `${formatRatio(job.ratio)} · ${formatPlace(job.latitudeDeg, job.altitudeM)} · ${formatDate(commission.date)}${view.mode === 'seen' ? ' · as seen from the viewing point' : ''}`,
      labels: layout.stands.map(({ plant, left, right, lift }) => ({
        text: labelOf(plant),
        under: model(plant.trueHeightMm),
        xMm: mm((left + right) / 2),
        liftMm: mm(lift),
      })),
      personXMm: mm(layout.personX),
      personMm,
      widthMm: mm(PAPER.widthPx),
      topMm: mm(PAPER.groundPx - PAPER.topPx),
      shelvesMm: layout.shelves.map(mm),
      shelfTopMm: layout.topMm,
      gridMm: roundStep(layout.pxPerMm, 60),
      realOf: (height: number) => (height === 0 ? 'real' : real(toRealMm(height, job.ratio))),
    }
    return { drawn, plants }
  }

  async function keep(as: 'png' | 'svg' | 'copy'): Promise<void> {
    if (saving.value) return
    saving.value = true
    try {
      const ids = picture()?.plants.map(({ drawing }) => drawing) ?? []
      growAgain(await serviceOf('paint').missing(ids))
      picture()
      await until(underWay).toBe(0, { timeout: 60_000, throwOnTimeout: true })
      const found = picture()
      if (!found) return
      const { drawn, plants } = found
      const name = `${fileNameOf(drawn.title)}-line-up`
      if (as === 'svg') {
        save(new Blob([await svgOf(drawn, plants)], { type: 'image/svg+xml' }), `${name}.svg`)
        return
      }
      const png = pngOf(drawn, plants)
      if (as === 'png') save(await png, `${name}.png`)
      else {
        await navigator.clipboard.write([new ClipboardItem({ 'image/png': png })])
        notices.done('The picture is in the clipboard.')
      }
    } catch (error) {
      notices.fault(`The picture was not made: ${error instanceof Error ? error.message : String(error)}`)
    } finally {
      saving.value = false
    }
  }
  return { saving, keep }
}

/** Width of a PNG, px. */
const PNG_WIDTH = 2400

/** The words and lines of a picture as its SVG has them, the plants as they are painted on the screen. */
async function pngOf(picture: LineUpPicture, plants: readonly Planted[]): Promise<Blob> {
  const lines = lineUpSvg(picture, [])
  const address = URL.createObjectURL(new Blob([lines], { type: 'image/svg+xml' }))
  try {
    const image = new Image()
    image.src = address
    await image.decode()
    const canvas = Object.assign(document.createElement('canvas'), {
      width: PNG_WIDTH,
      height: Math.round((PNG_WIDTH * image.naturalHeight) / image.naturalWidth),
    })
    const context = canvas.getContext('2d')
    context?.drawImage(image, 0, 0, canvas.width, canvas.height)
    context?.drawImage(await paintedOf(picture, plants, canvas.width, canvas.height), 0, 0)
    return await new Promise((resolve, reject) => {
      canvas.toBlob((blob) => {
        if (blob) resolve(blob)
        else reject(new Error('the browser could not write it'))
      }, 'image/png')
    })
  } finally {
    URL.revokeObjectURL(address)
  }
}

/** The line-up as lines: each plant's strokes in its place. */
async function svgOf(picture: LineUpPicture, plants: readonly Planted[]): Promise<string> {
  const painter = serviceOf('paint')
  const lines = plants.map(async ({ drawing, look, ...place }) => ({
    ...place,
    svg: (await painter.svgOf(drawing, look)) ?? '',
  }))
  return lineUpSvg(picture, await Promise.all(lines))
}

async function paintedOf(
  picture: LineUpPicture,
  plants: readonly Planted[],
  width: number,
  height: number,
): Promise<HTMLCanvasElement> {
  const scale = width / (picture.widthMm + 2 * marginOf(picture))
  const { pixels } = await serviceOf('paint').paintOnce({
    width,
    height,
    coarse: false,
    places: plants.map(({ drawing, look, ...place }) => ({
      drawing,
      look,
      ...standIn(picture, place, scale),
    })),
  })
  return canvasOf(pixels, width, height)
}
