/**
 * Texts of the fields over a stored record. What is stored is shown, and follows when it changes; but a field keeps what was typed into it while
 * only others changed, and while it holds something that can't be read.
 * @param id of the record: another record is shown afresh
 * @param shown how each field reads as it is stored
 * @returns `text` and `fault` of each field; `left` says that a field's text was stored, so that it is written out as stored
 */
export function useFieldTexts<F extends string>(id: () => string, shown: () => Record<F, string>) {
  const fields = Object.keys(shown()) as F[]
  const text = reactive({ ...shown() }) as Record<F, string>
  const fault = reactive(Object.fromEntries(fields.map((field) => [field, '']))) as Record<F, string>
  const settled = new Set<F>()
  watch(() => ({ id: id(), texts: shown() }), (now, before) => {
    for (const field of fields) {
      const other = now.id !== before.id
      if (other) fault[field] = ''
      if (other || (fault[field] === '' && (settled.has(field) || now.texts[field] !== before.texts[field]))) text[field] = now.texts[field]
    }
    settled.clear()
  })
  const left = (field: F): void => { fault[field] = ''; settled.add(field) }
  return { text, fault, left }
}
