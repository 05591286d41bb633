/** Types of packages that bring none. */
declare module 'linebreak' {
  interface Break {
    /** Where a line may end, in UTF-16 units from the start. */
    readonly position: number
    readonly required: boolean
  }
  export default class LineBreaker {
    constructor(text: string)
    nextBreak(): Break | null
  }
}
