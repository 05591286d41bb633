import type { Component } from 'vue'
import type { Planner } from '~~/core/makeup'
import DiscPanel from './DiscPanel.vue'
import HedgePanel from './HedgePanel.vue'
import LayerPanel from './LayerPanel.vue'
import TrayPanel from './TrayPanel.vue'
import WirePanel from './WirePanel.vue'

/** What shows the plan of a way, by the kind of its planner. Each is given the plant and its make-up. */
export const planPanels: Readonly<Record<Planner['kind'], Component>> = {
  discs: DiscPanel,
  hedge: HedgePanel,
  layers: LayerPanel,
  tray: TrayPanel,
  wire: WirePanel,
}
