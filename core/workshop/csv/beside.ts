import type * as z from 'zod'
import type { CsvFault } from '../../csv'
import { canonical } from '../merge'

/** What a table in a file would change beside what is there; with any fault nothing is written. */
export interface RowsIn<T> {
  readonly faults: readonly CsvFault[]
  readonly added: readonly T[]
  readonly changed: readonly T[]
  /** Rows that are as they are here already. */
  readonly same: number
  /** Columns that nothing is read from. */
  readonly ignored: readonly string[]
}

/** Puts rows of a file beside those that are there, one after the other. */
export class Beside<T> {
  private readonly added: T[] = []
  private readonly changed: T[] = []
  private same = 0

  constructor(
    private readonly schema: z.ZodType<T>,
    private readonly faults: CsvFault[],
  ) {}

  fault(line: number, because: string, column?: string): void {
    this.faults.push({ line, because, ...(column === undefined ? {} : { column }) })
  }

  /** Checks a row as it would be stored. @param was the row that is there */
  put(line: number, draft: unknown, was: T | undefined): void {
    const checked = this.schema.safeParse(draft)
    if (!checked.success) this.fault(line, issueWords(checked.error))
    else if (was === undefined) this.added.push(checked.data)
    else if (canonical(checked.data) === canonical(was)) this.same += 1
    else this.changed.push(checked.data)
  }

  all(ignored: readonly string[]): RowsIn<T> {
    const { added, changed, same } = this
    return { faults: inTurn(this.faults), added, changed, same, ignored }
  }
}

export const inTurn = (faults: readonly CsvFault[]): CsvFault[] => [...faults].sort((a, b) => a.line - b.line)

/** What a schema found, in words. */
export const issueWords = ({ issues }: z.ZodError): string =>
  issues.map(({ path, message }) => `${path.map(String).join('.')} ${message}`).join('; ')
