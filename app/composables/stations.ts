import { placeAt, type Station } from '../../shared/stations'

export { besides, placeAt, places, stations, type Station } from '../../shared/stations'

export function useStationPath(): (path: string) => string {
  const workshop = useWorkshop()
  return (path) => `/${workshop.key}/${path}`
}

/** The place that is shown. */
export function usePlace(): ComputedRef<Station | undefined> {
  const route = useRoute()
  return computed(() => placeAt(route.path.split('/').slice(2).join('/').replace(/\/$/, '')))
}
