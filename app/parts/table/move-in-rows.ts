/** What can be focused in a cell, in order. */
const FOCUSABLE = 'a[href], button:not(:disabled), input:not(:disabled)'

/**
 * Moves the hand from row to row in the same column: with the arrows up and down, Home and End with Ctrl. What opens a
 * list or counts keeps its own arrows.
 */
export function moveInRows(event: KeyboardEvent): void {
  const { key, target } = event
  const isEnd = (key === 'Home' || key === 'End') && event.ctrlKey
  if ((key !== 'ArrowDown' && key !== 'ArrowUp' && !isEnd) || !(target instanceof HTMLElement)) return
  if (target.matches('[aria-haspopup], [type="number"], [type="date"], [type="range"], [type="radio"]'))
    return
  const cell = target.closest('td')
  const row = cell?.closest('tr')
  const table = row?.closest('table')
  if (!cell || !row || !table) return
  const rows = [...table.querySelectorAll<HTMLTableRowElement>('tbody > tr')].filter((one) =>
    one.querySelector(FOCUSABLE),
  )
  const at = rows.indexOf(row)
  const to = key === 'Home' ? 0 : key === 'End' ? rows.length - 1 : at + (key === 'ArrowDown' ? 1 : -1)
  const next = rows[to]
  const goal =
    next?.cells[cell.cellIndex]?.querySelector<HTMLElement>(FOCUSABLE) ??
    next?.querySelector<HTMLElement>(FOCUSABLE)
  if (!goal) return
  event.preventDefault()
  goal.focus()
}
