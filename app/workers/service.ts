import * as Comlink from 'comlink'
import type { Opening, Service, ServiceName } from './service.worker'

/** A service with a thread of its own. */
export interface Started<Name extends ServiceName> {
  readonly service: Comlink.Remote<Service<Name>>
  /** Ends the thread, whatever it is at. */
  end(): void
}

/** Starts a thread for a service. @param failed is told why, where the thread or the service could not be had */
export function startService<Name extends ServiceName>(
  name: Name,
  failed?: (because: string) => void,
): Started<Name> {
  const worker = new Worker(new URL('./service.worker.ts', import.meta.url), { type: 'module' })
  worker.onerror = ({ message }) => failed?.(message)
  const { port1, port2 } = new MessageChannel()
  worker.postMessage({ name, port: port2 } satisfies Opening, [port2])
  return {
    service: Comlink.wrap<Service<Name>>(port1),
    end: () => {
      port1.close()
      worker.terminate()
    },
  }
}

const kept: { [Name in ServiceName]?: Started<Name> } = {}

/**
 * A service that all share, as long as the page is open; started when it is first asked for, and anew where it could
 * not be fetched.
 */
export function serviceOf<Name extends ServiceName>(name: Name): Comlink.Remote<Service<Name>> {
  const started: Started<Name> =
    kept[name] ??
    startService(name, () => {
      kept[name]?.end()
      delete kept[name]
    })
  kept[name] = started as (typeof kept)[Name]
  return started.service
}
