/** What a menu offers: somewhere to go, or something to do. */
export interface MenuChoice {
  readonly words: string
  /** An address in the app. */
  readonly to?: string
  readonly act?: () => void
  /** What stands before the words: a key. */
  readonly mark?: string
  /** What stands after them, softer. */
  readonly beside?: string
  readonly looks?: string
}
