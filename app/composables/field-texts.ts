import { reactive, watch } from 'vue'
import { ok, type Reading } from '../../core/units'

/**
 * Texts of the fields over a stored record. What is stored is shown, and follows when it changes; but a field
 * keeps what is being typed into it, however many changes arrive meanwhile, and what can't be read stays
 * until it is put right.
 * @param id of the record: another record is shown afresh
 * @param shown how each field reads as it is stored
 * @returns `text` and `fault` of each field; `left` says that a field was left and its text is being stored,
 * so that it is then written out as stored; `take` stores what was read of a field that was left, or says
 * what is wrong with it
 */
export function useFieldTexts<F extends string>(id: () => string, shown: () => Record<F, string>) {
  const fields = Object.keys(shown()) as F[]
  const text = reactive({ ...shown() }) as Record<F, string>
  const fault = reactive(Object.fromEntries(fields.map((field) => [field, '']))) as Record<F, string>
  /** What a field held when it was left: unless it has been typed into again, it follows what is stored. */
  const whenLeft = new Map<F, string>()
  watch(
    () => ({ id: id(), texts: shown() }),
    (now, before) => {
      for (const field of fields) {
        const other = now.id !== before.id
        if (other) fault[field] = ''
        const untouched = text[field] === before.texts[field] || text[field] === whenLeft.get(field)
        if (other || (untouched && fault[field] === '')) text[field] = now.texts[field]
      }
    },
  )
  const left = (field: F): void => {
    fault[field] = ''
    whenLeft.set(field, text[field])
  }
  async function take<T>(field: F, reading: Reading<T>, store: (value: T) => unknown): Promise<void> {
    left(field)
    if (reading.kind === 'none') fault[field] = reading.because
    else await store(reading.value)
  }
  return { text, fault, left, take }
}

/** A field that may be left empty. */
export const orNothing = <T>(typed: string, read: (typed: string) => Reading<T>): Reading<T | undefined> =>
  typed.trim() === '' ? ok(undefined) : read(typed)
