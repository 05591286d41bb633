import { readFileSync } from 'node:fs'
import { expect, type Locator, type Page } from '@playwright/test'

/** The element that the app is mounted on. */
interface Mounted {
  readonly __vue_app__: {
    readonly config: {
      readonly globalProperties: { readonly $router: { push(to: string): Promise<unknown> } }
    }
  }
}

/** What a maker does, in a maker's words; so that the specs read as a day at the bench. */
export class Maker {
  constructor(readonly page: Page) {}

  async open(station: string, workshop = 'mine'): Promise<void> {
    await this.page.goto(`/${workshop}/${station}`)
    await expect(this.page.locator('#station h1').first()).toBeAttached()
  }

  /**
   * Goes to a station, and is there when it ends: the station that was left stays on the screen until the next one
   * has loaded, and words that both show would be pressed on the wrong one.
   */
  async go(station: string): Promise<void> {
    const stations = this.page.getByRole('navigation', { name: 'Stations' })
    // At the Bench and on a phone the stations are a menu.
    const menu = stations.getByRole('button', { name: 'Stations' })
    await expect(stations.getByRole('link').first().or(menu)).toBeVisible()
    if (await menu.isVisible()) await menu.click()
    const name = new RegExp(station)
    const link = stations.getByRole('link', { name }).or(stations.getByRole('menuitem', { name }))
    const there = new URL((await link.getAttribute('href')) ?? '', this.page.url()).pathname
    if (new URL(this.page.url()).pathname === there) return link.click()
    await this.arriveAt(there, () => link.click())
  }

  /** Goes to a place that has no link here, as a press on one would, without loading the app anew. */
  async goWithin(address: string): Promise<void> {
    if (new URL(this.page.url()).pathname === address) return
    await this.arriveAt(address, () =>
      this.page.evaluate((to) => {
        const root = document.querySelector('#__nuxt') as unknown as Mounted
        return root.__vue_app__.config.globalProperties.$router.push(to)
      }, address),
    )
  }

  /** Sets out, and is there when the heading of another station stands. */
  private async arriveAt(address: string, setOut: () => Promise<unknown>): Promise<void> {
    const heading = this.page.locator('#station h1')
    await expect(heading.first()).toBeAttached()
    await heading.evaluateAll((left) => left.forEach((one) => one.setAttribute('data-left', '')))
    await setOut()
    await this.page.waitForURL((url) => url.pathname === address)
    await expect(this.page.locator('#station h1:not([data-left])').first()).toBeAttached()
  }

  async newCommission(name: string, scale: string): Promise<void> {
    await this.page.getByRole('button', { name: 'New commission' }).first().click()
    const dialog = this.page.getByRole('dialog')
    await dialog.getByLabel('Name').fill(name)
    await dialog.getByLabel('Scale', { exact: true }).fill(scale)
    await dialog.getByRole('button', { name: 'Make commission' }).click()
    await expect(dialog).toBeHidden()
  }

  lineRow(name: string): Locator {
    return this.page
      .locator(`tr:has(input[aria-label="Name of the line"])`)
      .filter({ has: this.page.locator(`input[aria-label="Name of the line"]`) })
      .nth(this.rows.indexOf(name))
  }
  private readonly rows: string[] = []

  /** Adds a line by typing part of a plant's name, then its number and height. */
  async addLine(plant: string, search: string, pieces: number, height: string): Promise<Locator> {
    await this.page.getByLabel('Add a line: name of the plant').fill(search)
    await this.page.getByRole('option', { name: new RegExp(plant) }).click()
    this.rows.push(plant)
    const row = this.lineRow(plant)
    await expect(row).toBeVisible()
    await row.getByLabel('Pieces', { exact: true }).fill(String(pieces))
    await row.getByLabel('Pieces', { exact: true }).press('Tab')
    if (height) {
      await row.getByLabel('Real height').fill(height)
      await row.getByLabel('Real height').press('Tab')
    }
    return row
  }

  /** Finds a line of any commission by its name, and goes to its make-up. */
  async chooseLine(name: string): Promise<void> {
    await this.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
    await this.page.keyboard.press('/')
    await this.page.getByLabel('Find anything').fill(`${name} line of`)
    await this.page
      .getByRole('option')
      .filter({ has: this.page.getByText(name, { exact: true }) })
      .first()
      .click()
    await expect(this.page.locator('h1', { hasText: name })).toBeVisible()
  }

  /** Receives a pack of everything that the Stock says is short, in the packs that it proposes. */
  async receiveWhatIsShort(): Promise<string[]> {
    const received: string[] = []
    const covered = this.page.getByText('All that is left to make is covered')
    for (let i = 0; i < 40; i += 1) {
      await expect(covered.or(this.short.first())).toBeVisible()
      const [row] = await this.short.evaluateAll((rows) =>
        rows.map((one) => ({
          name: one.querySelector('button')?.textContent?.trim() ?? '',
          text: (one as HTMLElement).innerText,
        })),
      )
      if (row === undefined) {
        if (await covered.isVisible()) return received
        continue
      }
      // What came in before may cover this row too while the hand is on its way to it: then the next one is looked at.
      const pressed = await this.short
        .getByRole('button', { name: `Receive ${row.name}`, exact: true })
        .click({ timeout: 5_000 })
        .then(
          () => true,
          () => false,
        )
      if (!pressed) continue
      await this.page.getByRole('dialog').getByRole('button', { name: 'Receive pack' }).click()
      await expect(this.page.getByRole('dialog')).toBeHidden()
      await expect.poll(async () => (await this.short.allInnerTexts()).includes(row.text)).toBe(false)
      received.push(row.name)
    }
    throw new Error(`Still short after packs of ${received.join(', ')}.`)
  }

  /** Rows of the shelf that say what is lacking. */
  get short(): Locator {
    return this.page.locator('tr.row').filter({ has: this.page.getByText(/^(tray )?short /) })
  }

  /** On-hand figure of a material, as the Stock shows it. */
  async onHand(material: string): Promise<string> {
    const row = this.page.locator('tr.row').filter({ hasText: material })
    return (await row.locator('td.number').first().textContent())?.trim() ?? ''
  }

  async allLeft(): Promise<void> {
    await this.page
      .getByRole('button', { name: /^(All \d+ left|Piece done)$/ })
      .last()
      .click()
  }

  /** What the Bench shows but for its clocks, which go on by themselves: it changes when a deed has been written. */
  async atBench(): Promise<string> {
    const text = await this.page.locator('main').innerText()
    return text.replace(/\d+(:\d{2})+/g, '…')
  }

  /** Works a batch through from where it stands until all that is left is to finish it; waits are said to be over. */
  async workThrough(): Promise<void> {
    const { page } = this
    const finish = page.getByRole('button', { name: 'Finish batch' })
    const next = page.getByRole('button', {
      name: /^(All \d+ left|(Piece|Patch|Stretch|This is) done|It is (dry|ready) already|Next step|Start a round of \d+)$/,
    })
    const dialog = page.getByRole('dialog')
    await expect(finish.or(next).first()).toBeVisible()
    for (let presses = 0; presses < 60; presses += 1) {
      if (await finish.isVisible()) return
      const shown = await next.allTextContents()
      const words = shown.map((text) => text.trim())
      const order = [
        'Next step',
        'It is dry already',
        'It is ready already',
        'This is done',
        'Piece done',
        'Patch done',
        'Stretch done',
        'Start a round',
      ]
      const all = words.find((text) => text.startsWith('All '))
      const press = all ?? order.map((name) => words.find((text) => text.startsWith(name))).find(Boolean)
      if (press === undefined) continue
      const before = await this.atBench()
      // A wait may be over by itself while the hand is on its way to it: what is there now is looked at again.
      const pressed = await page
        .getByRole('button', { name: press, exact: true })
        .click({ timeout: 5_000 })
        .then(
          () => true,
          () => false,
        )
      if (!pressed) continue
      const yes = dialog.getByRole('button').last()
      await expect
        .poll(async () => (await dialog.isVisible()) || (await this.atBench()) !== before)
        .toBe(true)
      // A question whose wait is over meanwhile has been answered by the clock: it goes by itself.
      if (await dialog.isVisible()) {
        await yes
          .click({ timeout: 5_000 })
          .catch((error: unknown) => expect(dialog, String(error)).toBeHidden())
        await expect(dialog).toBeHidden()
        await expect.poll(() => this.atBench()).not.toBe(before)
      }
    }
    throw new Error('The batch did not come to its end.')
  }

  /** Exports the workshop and gives the file back, as it is to be imported elsewhere. */
  async exportFile(name: string): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
    await this.go('Workshop')
    const [download] = await Promise.all([
      this.page.waitForEvent('download'),
      this.page.getByRole('button', { name: 'Export to a file' }).click(),
    ])
    return { name, mimeType: 'application/json', buffer: readFileSync(await download.path()) }
  }

  /** Imports a file and merges it into the workshop that is open. */
  async mergeFile(file: { name: string; mimeType: string; buffer: Buffer }): Promise<void> {
    await this.go('Workshop')
    await this.page.getByLabel('Import a file…').setInputFiles(file)
    await this.page.getByRole('button', { name: 'Merge into this workshop' }).click()
    await expect(this.page.getByText(`“${file.name}” is merged in.`)).toBeVisible()
  }
}
