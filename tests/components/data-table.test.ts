import { describe, expect, it } from '@jest/globals'
import { screen, waitFor, within } from '@testing-library/dom'
import { h } from 'vue'
import { mount } from '@vue/test-utils'
import DataTable from '../../app/parts/table/DataTable.vue'
import type { Column } from '../../app/parts/table/column'
import { hand, press, show } from '../support/page'

interface Jar {
  id: string
  name: string
  grams: number
  price?: number
}
const jars: readonly Jar[] = [
  { id: 'a', name: 'Foam 10', grams: 40, price: 3 },
  { id: 'b', name: 'Foam 2', grams: 400 },
  { id: 'c', name: 'Fibre', grams: 4, price: 9 },
]
const columns: readonly Column<Jar>[] = [
  { id: 'name', head: 'Jar', by: ({ name }) => name, total: () => 'Together' },
  {
    id: 'grams',
    head: 'Held',
    number: true,
    by: ({ grams }) => grams,
    text: ({ grams }) => `${grams} g`,
    total: (rows) => `${rows.reduce((sum, { grams }) => sum + grams, 0)} g`,
  },
  {
    id: 'price',
    head: 'Price',
    number: true,
    by: ({ price }) => price,
    text: ({ price }) => price?.toFixed(2) ?? '–',
  },
  { id: 'act', head: 'Actions', headless: true },
]
const table = (over: Record<string, unknown> = {}) => ({
  label: 'Jars',
  rows: jars,
  columns,
  keyOf: ({ id }: Jar) => id,
  ...over,
})
const names = (): string[] =>
  within(screen.getByRole('table', { name: 'Jars' }))
    .getAllByRole('row')
    .slice(1)
    .map((row) => within(row).queryAllByRole('cell')[0]?.textContent?.trim() ?? '')

describe('a table of data', () => {
  it('shows its rows as they come, with totals beneath', async () => {
    await show(DataTable, table())
    expect(names()).toEqual(['Foam 10', 'Foam 2', 'Fibre', 'Together'])
    expect(screen.getByText('444 g')).toBeTruthy()
    expect(screen.getByRole('table', { name: 'Jars' }).getAttribute('aria-rowcount')).toBe('4')
  })
  it('is ordered by a head that is pressed: up, down, and as it comes again', async () => {
    await show(DataTable, table())
    await press('Held')
    expect(names().slice(0, 3)).toEqual(['Fibre', 'Foam 10', 'Foam 2'])
    expect(screen.getByRole('columnheader', { name: 'Held' }).getAttribute('aria-sort')).toBe('ascending')
    await press('Held')
    expect(names().slice(0, 3)).toEqual(['Foam 2', 'Foam 10', 'Fibre'])
    await press('Held')
    expect(names().slice(0, 3)).toEqual(['Foam 10', 'Foam 2', 'Fibre'])
  })
  it('orders names as people count, and puts what has no figure last either way', async () => {
    await show(DataTable, table())
    await press('Jar')
    expect(names().slice(0, 3)).toEqual(['Fibre', 'Foam 2', 'Foam 10'])
    await press('Price')
    expect(names()[2]).toBe('Foam 2')
    await press('Price')
    expect(names().slice(0, 3)).toEqual(['Fibre', 'Foam 10', 'Foam 2'])
  })
  it('may be empty when it is ordered, and is filled later', async () => {
    const wrapper = await show(DataTable, table({ rows: [] }))
    await press('Jar')
    await wrapper.setProps({ rows: jars })
    expect(names().slice(0, 3)).toEqual(['Fibre', 'Foam 2', 'Foam 10'])
  })
  it('shows two rows that go by one key as two', async () => {
    await show(DataTable, table({ rows: [...jars, jars[0]] }))
    expect(names().filter((name) => name === 'Foam 10')).toHaveLength(2)
  })
  it('keeps its order when rows change', async () => {
    const wrapper = await show(DataTable, table())
    await press('Held')
    await wrapper.setProps({ rows: [...jars, { id: 'd', name: 'Wire', grams: 20 }] })
    expect(names().slice(0, 4)).toEqual(['Fibre', 'Wire', 'Foam 10', 'Foam 2'])
  })
  it('says so where there is nothing, where it is not known yet, and where it can’t be told', async () => {
    const wrapper = await show(DataTable, table({ rows: [], empty: 'No jar stands here.' }))
    expect(screen.getByRole('status').textContent?.trim()).toBe('No jar stands here.')
    await wrapper.setProps({ busy: true })
    expect(screen.getByRole('status').textContent?.trim()).toBe('A moment…')
    await wrapper.setProps({ fault: 'The books can’t be read.', rows: jars })
    expect(screen.getByRole('status').textContent?.trim()).toBe('The books can’t be read.')
    expect(screen.queryByText('Fibre')).toBeNull()
  })
  it('shows what an opened row holds, over its whole width', async () => {
    const wrapper = mount(DataTable, {
      props: { ...table(), open: new Set(['b']) } as never,
      slots: { opened: ({ row }: { row: object }) => `lots of ${(row as Jar).name}` },
      attachTo: document.body,
    })
    const cell = screen.getByText('lots of Foam 2')
    expect(cell.getAttribute('colspan')).toBe('4')
    await wrapper.setProps({ open: new Set() } as never)
    expect(screen.queryByText('lots of Foam 2')).toBeNull()
  })
  it('is gone through by the arrows, from row to row in one column', async () => {
    mount(DataTable, {
      props: table() as never,
      slots: {
        act: ({ row }: { row: object }) => h('button', { type: 'button' }, `Count ${(row as Jar).id}`),
      },
      attachTo: document.body,
    })
    screen.getByRole('button', { name: 'Count a' }).focus()
    const at = (): string => document.activeElement?.textContent ?? ''
    await hand.keyboard('{ArrowDown}')
    expect(at()).toBe('Count b')
    await hand.keyboard('{Control>}{End}{/Control}')
    expect(at()).toBe('Count c')
    await hand.keyboard('{ArrowDown}')
    expect(at()).toBe('Count c')
    await hand.keyboard('{Control>}{Home}{/Control}')
    expect(at()).toBe('Count a')
    await hand.keyboard('{ArrowUp}')
    expect(at()).toBe('Count a')
  })
  it('draws only what may be looked at of very many rows', async () => {
    const many = Array.from({ length: 5000 }, (_, i) => ({ id: `j${i}`, name: `Jar ${i}`, grams: i }))
    await show(DataTable, table({ rows: many }))
    await waitFor(() => expect(names().length).toBeLessThan(400))
    expect(screen.getByRole('table', { name: 'Jars' }).getAttribute('aria-rowcount')).toBe('5001')
  })
  it('stands under heads of groups as long as nothing else orders it; most first where a column says so', async () => {
    const groups = { groupOf: ({ name }: Jar) => name.split(' ')[0] ?? '' }
    const most = columns.map((column) => (column.id === 'grams' ? { ...column, mostFirst: true } : column))
    await show(DataTable, table({ ...groups, columns: most }))
    expect(screen.getAllByRole('rowheader').map((head) => head.textContent?.trim())).toEqual([
      'Foam',
      'Fibre',
    ])
    await press('Held')
    expect(screen.queryAllByRole('rowheader')).toHaveLength(0)
    expect(names().slice(0, 3)).toEqual(['Foam 2', 'Foam 10', 'Fibre'])
  })
  it('heeds no order by a column that is not shown: rows come as they come, under their groups', async () => {
    const groups = { groupOf: ({ name }: Jar) => name.split(' ')[0] ?? '' }
    const order = { by: 'price', down: true }
    const wrapper = await show(DataTable, table({ ...groups, order }))
    expect(screen.queryAllByRole('rowheader')).toHaveLength(0)
    expect(names().slice(0, 3)).toEqual(['Fibre', 'Foam 10', 'Foam 2'])
    const hidden = columns.map((column) => (column.id === 'price' ? { ...column, hidden: true } : column))
    await wrapper.setProps({ columns: hidden })
    expect(screen.getAllByRole('rowheader')).toHaveLength(2)
    expect(names().filter((name) => name.startsWith('F'))).toEqual(['Foam 10', 'Foam 2', 'Fibre'])
  })
  it('has a tick for each row where several may be chosen, and one for all', async () => {
    let chosen: ReadonlySet<string> = new Set()
    const choosing = {
      choosing: ({ name }: Jar) => name,
      'onUpdate:chosen': (now: ReadonlySet<string>) => {
        chosen = now
      },
    }
    const wrapper = await show(DataTable, table({ ...choosing, chosen }))
    await hand.click(screen.getByRole('checkbox', { name: 'Choose Fibre' }))
    expect([...chosen]).toEqual(['c'])
    await wrapper.setProps({ chosen })
    expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'Choose all' }).indeterminate).toBe(true)
    await hand.click(screen.getByRole('checkbox', { name: 'Choose all' }))
    expect([...chosen].sort()).toEqual(['a', 'b', 'c'])
    await wrapper.setProps({ chosen })
    await hand.click(screen.getByRole('checkbox', { name: 'Choose all' }))
    expect([...chosen]).toEqual([])
  })
  it('tells of a row that is pressed, and of one that is pressed twice', async () => {
    const told: string[] = []
    const listens = {
      onPick: ({ id }: Jar) => told.push(`picked ${id}`),
      onEnter: ({ id }: Jar) => told.push(`entered ${id}`),
    }
    await show(DataTable, table(listens))
    await hand.click(screen.getByText('Foam 2'))
    expect(told).toEqual(['picked b'])
    await hand.dblClick(screen.getByText('Fibre'))
    expect(told.slice(1)).toEqual(['picked c', 'picked c', 'entered c'])
  })
  it('has rows drawn whole where they bring their own cells, and rows of another kind below', async () => {
    mount(DataTable, {
      props: table() as never,
      attachTo: document.body,
      slots: {
        row: ({ row, index }: { row: object; index: number }) =>
          h('tr', h('td', `${index + 1}: ${(row as Jar).name}`)),
        rest: () => h('tbody', h('tr', h('td', 'A jar that can’t be read'))),
      },
    })
    await waitFor(() =>
      expect(names()).toEqual([
        '1: Foam 10',
        '2: Foam 2',
        '3: Fibre',
        'A jar that can’t be read',
        'Together',
      ]),
    )
  })
})
