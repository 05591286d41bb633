/** The stations in working order. Numbers are the keys that go there. */
export const stations = [
  { key: '1', path: 'brief', name: 'Brief' },
  { key: '2', path: 'line-up', name: 'Line-up' },
  { key: '3', path: 'make-up', name: 'Make-up' },
  { key: '4', path: 'blends', name: 'Blends' },
  { key: '5', path: 'stock', name: 'Stock' },
  { key: '6', path: 'calendar', name: 'Calendar' },
  { key: '7', path: 'bench', name: 'Bench' },
  { key: '8', path: 'log', name: 'Log' },
] as const

export function useStationPath(): (path: string) => string {
  const workshop = useWorkshop()
  return (path) => `/${workshop.key}/${path}`
}
