import { useEventListener } from '@vueuse/core'
import { keepOutFields, type KeepOut, type Line } from '~~/core/commissions'
import { readBoundedLength } from '~~/core/units'
import { newId } from '../db/ids'
import { isFree } from './keys'

/** Width of a track where none is typed. */
const USUAL_WIDTH = '32'

/**
 * Something that is being drawn on the board, point by point: what is kept clear, or where a hedge runs or
 * grass grows.
 * @param done what becomes of it; `lineId` where it is a line's
 */
export function usePlanDraft(done: (made: KeepOut, lineId: string | undefined) => Promise<void>) {
  const notices = useNotices()
  const drawing = ref<KeepOut>()
  /** The hedge or the patch of grass that is drawn, by its line; else it is something to keep clear. */
  const drawnFor = ref<string>()
  const least = computed(() => (drawing.value?.kind === 'shape' ? 3 : 2))

  function begin(kind: KeepOut['kind'], width: string, water = false): void {
    const reading = readBoundedLength(keepOutFields.widthMm, width === '' ? USUAL_WIDTH : width)
    if (reading.kind === 'none') {
      notices.fault(reading.because)
      return
    }
    drawnFor.value = undefined
    drawing.value = {
      id: newId(),
      kind,
      widthMm: kind === 'line' ? reading.value : 0,
      points: [],
      ...(water ? { water } : {}),
    }
  }
  /** Draws where a hedge runs or grass grows. */
  function beginLine(line: Line, widthMm: number): void {
    drawnFor.value = line.id
    drawing.value = {
      id: line.id,
      kind: line.amount.kind === 'length' ? 'line' : 'shape',
      widthMm,
      points: [],
    }
  }
  function point(x: number, y: number): void {
    const last = drawing.value?.points.at(-1)
    const at: [number, number] = [Math.round(x), Math.round(y)]
    // The second click of a double click is not another corner.
    if (drawing.value && !(last && Math.hypot(last[0] - at[0], last[1] - at[1]) < 2))
      drawing.value = { ...drawing.value, points: [...drawing.value.points, at] }
  }
  function back(): void {
    if (drawing.value) drawing.value = { ...drawing.value, points: drawing.value.points.slice(0, -1) }
  }
  function leave(): void {
    drawing.value = undefined
  }
  async function finish(): Promise<void> {
    const made = drawing.value
    if (!made || made.points.length < least.value) return
    drawing.value = undefined
    await done(made, drawnFor.value)
  }
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (!drawing.value || !isFree(event)) return
    if (event.key === 'Enter') void finish()
    else if (event.key === 'Escape') leave()
    else if (event.key === 'Backspace') back()
  })
  return { drawing, drawnFor, least, begin, beginLine, point, back, leave, finish }
}
