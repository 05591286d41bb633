import { loadLanguages, readDate } from '../../../app/parts/read-date'

/** A Monday. */
const from = '2026-11-30'
const day = async (text: string, past = false): Promise<string> => {
  const reading = readDate('By', text, { from, past }, await loadLanguages())
  return reading.kind === 'ok' ? reading.value : reading.because
}

test.each([
  ['2026-12-12', '2026-12-12'],
  ['12 Dec', '2026-12-12'],
  ['Dec 12', '2026-12-12'],
  ['12 dec 2027', '2027-12-12'],
  ['12/12', '2026-12-12'],
  ['4/10/2027', '2027-10-04'],
  ['4 Oct', '2027-10-04'],
  ['today', from],
  ['tomorrow', '2026-12-01'],
  ['Sat', '2026-12-05'],
  ['in 3 weeks', '2026-12-21'],
  ['3 weeks', '2026-12-21'],
  ['in 10 days', '2026-12-10'],
  ['yesterday', '2026-11-29'],
])('ahead, “%s” is %s', async (text, is) => expect(await day(text)).toBe(is))

test.each([
  ['Sat', '2026-11-28'],
  ['12 Nov', '2026-11-12'],
  ['2 weeks ago', '2026-11-16'],
])('behind, “%s” is %s', async (text, is) => expect(await day(text, true)).toBe(is))

test.each(['December', '12', '31 feb', '2026-02-30', 'whenever', '12 Dec to 14 Dec', 'about 12 Dec or so'])(
  '“%s” is no day, and the field says what is',
  async (text) =>
    expect(await day(text)).toBe(
      `By: read “${text}”; allowed are days such as 12 Dec, 12/12/2027, Sat, in 3 weeks.`,
    ),
)
