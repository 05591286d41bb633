import { drawingBytes, drawingFromBytes } from '../../../app/workers/drawing-bytes'
import { KeptDrawings, MOST_KEPT, type AnswerCaches } from '../../../app/workers/kept-drawings'
import type { GrownDrawing } from '../../../app/workers/drawings'
import { lineSize, sitterOf } from '../../../core/commissions'
import { sidewaysReach } from '../../../core/drawing/plant-drawing'
import { speciesById } from '../../../core/plants'
import { drawSitter } from '../../support/drawings'
import { commission, line } from '../../support/workshop'

function grown(kind: string): GrownDrawing {
  const species = speciesById(kind)
  const own = line({ speciesId: kind })
  const size = lineSize(own, commission(), species)
  const drawing = drawSitter(sitterOf(own, species, size, species.seeThrough))
  return { drawing, reach: sidewaysReach(drawing) }
}

/** Answers kept as a browser keeps them, by name and address; each can be asked what it holds. */
class Browser implements AnswerCaches {
  readonly held = new Map<string, Map<string, ArrayBuffer>>()
  /** Answers that were written, and that there is room for. */
  puts = 0
  room = Infinity
  open(name: string) {
    const answers = this.held.get(name) ?? new Map<string, ArrayBuffer>()
    this.held.set(name, answers)
    const roomLeft = (): boolean => answers.size < this.room
    return Promise.resolve({
      match: (address: string) => {
        const kept = answers.get(address)
        return Promise.resolve(kept && { arrayBuffer: () => Promise.resolve(kept) })
      },
      put: async (address: string, answer: Response) => {
        if (!roomLeft()) throw new DOMException('no room', 'QuotaExceededError')
        answers.set(address, await answer.arrayBuffer())
        this.puts += 1
      },
      delete: (address: unknown) => Promise.resolve(answers.delete(String(address))),
      keys: () => Promise.resolve([...answers.keys()]),
    })
  }
  keys() {
    return Promise.resolve([...this.held.keys()])
  }
  delete(name: string) {
    return Promise.resolve(this.held.delete(name))
  }
  get answers(): number {
    return [...this.held.values()].reduce((sum, { size }) => sum + size, 0)
  }
}

const roomy = (): Promise<boolean> => Promise.resolve(true)

async function until(holds: () => boolean): Promise<void> {
  while (!holds()) await new Promise((resolve) => setTimeout(resolve, 1))
}
const key = (of: string, version = 'one') => ({ version, of })

const whole = grown('rowan')

describe('drawings as bytes', () => {
  test.each(['rowan', 'norway-spruce', 'common-reed'])('a %s comes back number for number', (kind) => {
    const before = grown(kind)
    const bytes = drawingBytes(before)
    const { drawing, reach } = drawingFromBytes(bytes.buffer)
    expect(reach).toEqual(before.reach)
    expect(Object.keys(drawing).sort()).toEqual(Object.keys(before.drawing).sort())
    expect(Buffer.from(drawingBytes({ drawing, reach })).equals(Buffer.from(bytes))).toBe(true)
    const wood = (of: GrownDrawing['drawing']) =>
      Buffer.from(of.wood.buffer, of.wood.byteOffset, of.wood.byteLength)
    expect(wood(drawing).equals(wood(before.drawing))).toBe(true)
    expect(drawing.markTraits.length).toBe(before.drawing.markTraits.length)
    expect(drawing.leaf).toEqual(before.drawing.leaf)
  })

  test('what is cut off or something else is refused', () => {
    const bytes = drawingBytes(grown('rowan'))
    expect(() => drawingFromBytes(bytes.buffer.slice(0, bytes.length - 8))).toThrow(/typed array/)
    expect(() => drawingFromBytes(new TextEncoder().encode('<html></html>').buffer)).toThrow()
  })
})

describe('drawings kept over', () => {
  const none = new Float32Array(0)
  const traits = new Uint8Array(3)
  /** A drawing of hardly anything, to be kept many times. */
  const rowan: GrownDrawing = {
    ...whole,
    drawing: { ...whole.drawing, wood: none, blades: none, marks: none, organs: none, markTraits: traits },
  }

  test('what one thread kept, another finds; of another plant or version there is none', async () => {
    const browser = new Browser()
    const first = new KeptDrawings(browser, roomy, 0)
    expect(await first.find(key('a rowan'))).toBeUndefined()
    first.keep(key('a rowan'), rowan)
    await until(() => browser.answers === 1)
    const next = new KeptDrawings(browser, roomy, 0)
    const found = await next.find(key('a rowan'))
    expect(found && Buffer.from(drawingBytes(found)).equals(Buffer.from(drawingBytes(rowan)))).toBe(true)
    expect(await next.find(key('a hazel'))).toBeUndefined()
    expect(await next.find(key('a rowan', 'two'))).toBeUndefined()
  })

  test('those of an older version of the app are let go', async () => {
    const browser = new Browser()
    const kept = new KeptDrawings(browser, roomy, 0)
    kept.keep(key('a rowan'), rowan)
    await until(() => browser.answers === 1)
    await browser.open('something else')
    await new KeptDrawings(browser, roomy, 0).find(key('a rowan', 'two'))
    expect([...browser.held.keys()].sort()).toEqual(['drawings of two', 'something else'])
  })

  test('nothing is written while a picture is waited for', async () => {
    jest.useFakeTimers()
    const browser = new Browser()
    const kept = new KeptDrawings(browser, roomy, 1_000)
    kept.keep(key('a rowan'), rowan)
    jest.advanceTimersByTime(900)
    void kept.find(key('a hazel'))
    jest.advanceTimersByTime(900)
    jest.useRealTimers()
    await new Promise((resolve) => setTimeout(resolve, 5))
    expect(browser.answers).toBe(0)
  })

  test('the oldest go where there are too many', async () => {
    const browser = new Browser()
    const kept = new KeptDrawings(browser, roomy, 0)
    for (let i = 0; i < MOST_KEPT + 5; i += 1) kept.keep(key(`rowan ${i}`), rowan)
    await until(() => browser.puts === MOST_KEPT + 5 && browser.answers === MOST_KEPT)
    expect(await kept.find(key('rowan 4'))).toBeUndefined()
    expect(await kept.find(key('rowan 5'))).toBeDefined()
  })

  test('they give way to what a maker keeps: without room to spare none is written, and those that were go', async () => {
    const browser = new Browser()
    let hasRoom = true
    const kept = new KeptDrawings(browser, () => Promise.resolve(hasRoom), 0)
    kept.keep(key('a'), rowan)
    await until(() => browser.answers === 1)
    hasRoom = false
    kept.keep(key('b'), rowan)
    await until(() => browser.answers === 0)
    expect(await kept.find(key('a'))).toBeUndefined()
    hasRoom = true
    kept.keep(key('c'), rowan)
    await until(() => browser.answers === 1)
    expect(await kept.find(key('c'))).toBeDefined()
  })

  test('a browser without room, or that keeps nothing, is asked and not complained of', async () => {
    const browser = new Browser()
    browser.room = 1
    const kept = new KeptDrawings(browser, roomy, 0)
    for (const name of ['a', 'b', 'c']) kept.keep(key(name), rowan)
    await until(() => browser.answers === 1)
    expect(await kept.find(key('a'))).toBeDefined()
    expect(await kept.find(key('c'))).toBeUndefined()
    const without = new KeptDrawings(undefined, roomy, 0)
    without.keep(key('a'), rowan)
    expect(await without.find(key('a'))).toBeUndefined()
  })
})
