import { describe, expect, it } from '@jest/globals'
import { useDeed } from '../../app/composables/deed'
import { useNotices } from '../../app/stores/notices'
import { openMine } from '../support/page'

const told = (): number => useNotices().list.length

describe('a command given by its name', () => {
  it('writes to the workshop that is open, and answers with what it wrote', async () => {
    const workshop = await openMine()
    const answer = await useDeed('savePerson')({ name: 'Maren' })
    expect(answer).toMatchObject({ kind: 'ok', value: { name: 'Maren' } })
    expect(await workshop.db?.people.toArray()).toMatchObject([{ name: 'Maren' }])
  })

  it('a refusal is told as a notice, unless it is shown where the command was given', async () => {
    await openMine()
    const before = told()
    const here = await useDeed('countLot', 'here')('no such lot', 3, 'looked')
    expect(here.kind).toBe('none')
    expect(told()).toBe(before)
    const aloud = await useDeed('countLot')('no such lot', 3, 'looked')
    expect(aloud).toEqual(here)
    expect(told()).toBe(before + 1)
  })

  it('without an open workshop nothing is written, and that is said', async () => {
    const workshop = await openMine()
    workshop.close()
    expect(await useDeed('savePerson', 'here')({ name: 'Jory' })).toEqual({
      kind: 'none',
      because: expect.stringContaining('No workshop is open'),
    })
  })
})
