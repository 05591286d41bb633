import { revalidateLogic, useForm } from '@tanstack/vue-form'
import { computed, type ComputedRef } from 'vue'
import type { Reading } from '../../../core/units'
import type { Field, FieldLook, Fields, TextsOf, ValuesOf } from './field'

type Faults<F extends Fields> = Partial<Record<keyof F & string, string>>

interface How<F extends Fields> {
  /** What is wrong with the whole, by the field that it is said at, of what could be read so far. */
  check?: (values: Partial<ValuesOf<F>>) => Faults<F>
  /** Sends it; an answer that is not ok leaves the form as it is, and has been told elsewhere. */
  send: (values: ValuesOf<F>) => Promise<{ kind: string } | undefined | void>
  /** How fields look by what is typed: labels, hints, which are asked for. */
  look?: (texts: TextsOf<F>) => Partial<Record<keyof F & string, Partial<FieldLook>>>
  /** What was asked stays in the fields; absent: they begin anew once it has been sent. */
  stays?: boolean
}

/** What a form of fields is to those who draw it. */
export interface FieldsForm {
  names: readonly string[]
  lookOf: (name: string) => FieldLook & Pick<Field<unknown>, 'kind'>
  texts: ComputedRef<Record<string, string>>
  faults: ComputedRef<Partial<Record<string, string>>>
  busy: ComputedRef<boolean>
  set: (name: string, text: string) => void
  /** Sends it where it is right. @returns whether it was sent; otherwise `faults` says what is wrong */
  submit: () => Promise<boolean>
}

/**
 * A form as a table of fields, a check and a command. Faults are said when it is first sent, and from then on
 * follow what is typed; what was typed stays until it has been sent.
 */
export function useFields<F extends Fields>(table: F, how: How<F>): FieldsForm {
  type Texts = TextsOf<F>
  const fields = Object.entries(table) as [keyof F & string, Field<unknown>][]
  const start = Object.fromEntries(fields.map(([name, field]) => [name, field.start])) as Texts
  let sent = false

  function lookIn(texts: Texts, name: keyof F & string): Field<unknown> {
    const field: Field<unknown> | undefined = table[name]
    if (!field) throw new RangeError(`field is “${name}”; the form has ${Object.keys(table).join(', ')}`)
    return { ...field, ...how.look?.(texts)[name] }
  }
  function read(texts: Texts): { values: ValuesOf<F>; faults: Faults<F> } {
    const values: Record<string, unknown> = {}
    const faults: Record<string, string> = {}
    for (const [name, field] of fields) {
      if (lookIn(texts, name).hidden) continue
      const reading: Reading<unknown> = field.read(texts[name], texts)
      if (reading.kind === 'none') faults[name] = reading.because
      // What was left empty is not there, rather than there as nothing.
      else if (reading.value !== undefined) values[name] = reading.value
    }
    const whole = values as ValuesOf<F>
    return { values: whole, faults: { ...told(how.check?.(whole) ?? {}), ...faults } as Faults<F> }
  }

  const form = useForm({
    defaultValues: start as Record<string, string>,
    validationLogic: revalidateLogic({ mode: 'submit', modeAfterSubmission: 'change' }),
    // What else a check looks at may have changed since: it is asked anew each time.
    canSubmitWhenInvalid: true,
    validators: {
      onDynamic: ({ value }): Record<string, string> | undefined => {
        const faults = read(value as Texts).faults as Record<string, string>
        return Object.keys(faults).length > 0 ? faults : undefined
      },
    },
    onSubmit: async ({ value }) => {
      const answer = await how.send(read(value as Texts).values)
      sent = answer?.kind !== 'none'
    },
  })
  const texts = form.useStore((state) => state.values as Texts)
  const faults = form.useStore((state) => state.errorMap.onDynamic as Record<string, string> | undefined)
  const busy = form.useStore((state) => state.isSubmitting)

  return {
    names: fields.map(([name]) => name),
    lookOf: (name) => lookIn(texts.value, name),
    texts: computed(() => texts.value),
    faults: computed(() => faults.value ?? {}),
    busy: computed(() => busy.value),
    set: (name, text) => form.setFieldValue(name, text),
    async submit(): Promise<boolean> {
      if (busy.value) return false
      sent = false
      await form.handleSubmit()
      // One that stays in sight begins anew.
      if (sent && !how.stays) form.reset()
      return sent
    },
  }
}

const told = <T extends Record<string, string | undefined>>(faults: T): T =>
  Object.fromEntries(Object.entries(faults).filter(([, because]) => because)) as T
