/** A page without a screen, with what Node has and it lacks. */
const { default: JsdomEnvironment } = require('jest-environment-jsdom')

module.exports = class extends JsdomEnvironment {
  async setup() {
    await super.setup()
    const { ResizeObserver = StillObserver } = this.global
    Object.assign(this.global, {
      structuredClone,
      ResizeObserver,
      IntersectionObserver: StillObserver,
      Worker: StillWorker,
    })
    this.global.Element.prototype.scrollIntoView ??= () => {}
    Object.defineProperty(this.global.HTMLElement.prototype, 'innerText', {
      configurable: true,
      get() {
        return this.textContent
      },
    })
  }
}

/** Nothing here has a size, so nothing changes it. */
class StillObserver {
  observe() {}
  unobserve() {}
  disconnect() {}
}
/** What is worked out beside the page is not waited for here. */
class StillWorker {
  addEventListener() {}
  removeEventListener() {}
  postMessage() {}
  terminate() {}
}
