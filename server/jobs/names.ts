/** What is printed, and the bytes that an order of it may have. */
export const mostBytes = {
  'batch-card': 64 * 1024,
  'jar-labels': 512 * 1024,
  'planting-plan': 2 * 1024 * 1024,
  'shopping-list': 512 * 1024,
  template: 4 * 1024 * 1024,
} as const

export type SheetName = keyof typeof mostBytes

/** What a worker is asked for: sheets from an order as it came, or the demo workshop around a moment. */
export type Job =
  | { readonly kind: 'sheets'; readonly name: SheetName; readonly body: Uint8Array }
  | { readonly kind: 'demo'; readonly nowMs: number }

/** A job on its way to a worker, which notes there when it begins: ms since 1970. */
export interface Task {
  readonly job: Job
  readonly begun: Float64Array<SharedArrayBuffer>
}

/** One field that was wrong: where it is, and what is allowed there. */
export interface FieldProblem {
  readonly pointer: string
  readonly detail: string
}

/** What a worker answers: bytes to send, or what is wrong with the order. */
export type Answer =
  | { readonly kind: 'done'; readonly bytes: Uint8Array }
  | { readonly kind: 'not-json' }
  | { readonly kind: 'cant'; readonly because: string; readonly errors?: readonly FieldProblem[] }
