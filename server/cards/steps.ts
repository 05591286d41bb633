import { placeWords, stepHandsMin, waitTime, type MakeUp } from '../../core/makeup'
import { cautionFootnote, cautionOf } from '../../core/safety'
import { capitalised, formatMinutes, uncapitalised } from '../../core/units'
import { INK, mm, SOFT, WARNING } from '../print/paper'
import type { Ink } from '../print/pen'
import { HEADING, MARGIN, NOTE, rule, type Sheet } from './sheet'

/** A page with less than this share of its height is nearly empty: what is before it moves up, or some of it over. */
const NEARLY_EMPTY = 0.22
/** Smaller sizes of type, by the usual one. */
const TIGHTER = [0.94, 0.88]

/** How tall each step is, at a size of type. */
function stepHeights({ pen, width }: Sheet, up: MakeUp, size: number): number[] {
  const room = width - mm(9)
  return up.steps.map((step) => {
    const mind = step.cautions.map((id) => `${cautionOf(id).title}: ${cautionOf(id).text}`)
    return (
      (4 + 3) * size +
      pen.heightOf({ style: 'bold', size: 10.5 * size, colour: INK }, step.title, width - mm(40)) +
      pen.heightOf(bodyInk(size), wordsOfStep(step, up), room) +
      mind.reduce((sum, line) => sum + 1 + pen.heightOf(cautionInk(size), line, room), 0)
    )
  })
}

/** Where steps go over to a new page, so that no page is left nearly empty: places before which it is turned. */
function breaksOf(heights: readonly number[], from: number, page: number): number[] {
  const at: number[] = []
  let y = from
  heights.forEach((height, i) => {
    if (y + height > page) {
      at.push(i)
      y = 0
    }
    y += height
  })
  const last = at.at(-1)
  if (last === undefined || y >= page * NEARLY_EMPTY) return at
  // The last page takes steps from the one before it until it is worth its paper.
  const begin = at.at(-2) ?? 0
  let first = last
  while (first > begin + 1 && y < page * NEARLY_EMPTY) {
    first -= 1
    y += heights[first] ?? 0
  }
  return [...at.slice(0, -1), first]
}

const bodyInk = (size: number): Ink => ({ style: 'text', size: 9.2 * size, colour: INK })
const cautionInk = (size: number): Ink => ({ style: 'bold', size: 8.4 * size, colour: WARNING })

/** The steps, each with a box to tick, its cautions and its wait. */
export function printSteps(sheet: Sheet, up: MakeUp): void {
  const { pdf, pen, width, height } = sheet
  pen.write(HEADING, 'Steps', MARGIN, pdf.y)
  pen.write(NOTE, cautionFootnote, MARGIN, pdf.y, { width })
  const pages = (size: number): { breaks: number[]; fill: number } => {
    const heights = stepHeights(sheet, up, size)
    const breaks = breaksOf(heights, pdf.y - MARGIN, height)
    const last = breaks.at(-1)
    const fill = last === undefined ? 1 : heights.slice(last).reduce((sum, own) => sum + own, 0) / height
    return { breaks, fill }
  }
  const usual = pages(1)
  // Smaller type where that saves a last page that is not half full.
  const tighter = TIGHTER.find((size) => pages(size).breaks.length < usual.breaks.length)
  const own = usual.fill < 0.4 && tighter !== undefined ? tighter : 1
  const turned = new Set(pages(own).breaks)
  const box = mm(4) * own
  const room = width - mm(9)
  up.steps.forEach((step, i) => {
    const mind = step.cautions.map((id) => `${cautionOf(id).title}: ${cautionOf(id).text}`)
    if (turned.has(i)) {
      pdf.addPage()
      pdf.y = MARGIN
    }
    const y = pdf.y + 4 * own
    pdf.rect(MARGIN, y, box, box).lineWidth(0.9).strokeColor(INK).stroke()
    pen.write(
      { style: 'text', size: 9 * own, colour: SOFT },
      formatMinutes(stepHandsMin(step, up.started.value)),
      MARGIN + width - mm(32),
      y,
      { width: mm(32), align: 'right' },
    )
    pen.write(
      { style: 'bold', size: 10.5 * own, colour: INK },
      `${i + 1}  ${step.title}`,
      MARGIN + mm(7),
      y,
      {
        width: width - mm(40),
      },
    )
    pen.write(bodyInk(own), wordsOfStep(step, up), MARGIN + mm(7), pdf.y, { width: room })
    for (const line of mind) pen.write(cautionInk(own), line, MARGIN + mm(7), pdf.y + 1, { width: room })
    pdf.y += 3 * own
    rule(pdf, width)
  })
}

/** A step in full: what is done, how many at once, what must follow, what is waited for, what passes. */
function wordsOfStep(
  step: MakeUp['steps'][number],
  { steps, started: { value: started }, unsure }: MakeUp,
): string {
  const { atOnce, within, apart, wait, passes } = step
  const order = placeWords(steps, steps.indexOf(step))
  return [
    ...(order === undefined ? [] : [`${capitalised(order)}.`]),
    step.text,
    ...(atOnce && atOnce.count < started ? [`At most ${atOnce.count} at once. ${atOnce.what}`] : []),
    ...(within ? [within.what] : []),
    ...(apart ? [`Not within ${formatMinutes(apart.airMin)} of ${apart.from.join(', ')}.`] : []),
    ...(wait ? [`Then wait, ${waitTime(wait, formatMinutes, unsure)}: ${uncapitalised(wait.what)}.`] : []),
    ...(passes ? [`Passes: ${passes}`] : []),
  ].join(' ')
}
