import * as Comlink from 'comlink'

/**
 * The one script that works away from the page. Each thread that runs it fetches what its services want, and no more;
 * what they share is fetched once.
 */
const services = {
  armature: () => import('./armature'),
  basket: () => import('./basket'),
  blend: () => import('./blend'),
  'busy-file': () => import('./busy-file'),
  calendar: () => import('./calendar'),
  grow: () => import('./grow'),
  paint: () => import('./paint'),
  plan: () => import('./plan'),
  'workshop-file': () => import('./workshop-file'),
}

type Fetched = typeof services
export type ServiceName = keyof Fetched
/** What a service answers. */
export type Service<Name extends ServiceName> = Awaited<ReturnType<Fetched[Name]>>['service']

/** Asks for a service at a port; what is sent through the port meanwhile waits there. */
export interface Opening {
  readonly name: ServiceName
  readonly port: MessagePort
}

self.addEventListener('message', ({ data: { name, port } }: MessageEvent<Opening>) => {
  services[name]().then(
    ({ service }) => Comlink.expose(service, port),
    (error: unknown) => {
      // The page hears of what is thrown, not of a promise that is broken.
      setTimeout(() => {
        throw error
      })
    },
  )
})
