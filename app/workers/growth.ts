/** What it takes to grow a plant, in one piece. */
export { drawingPlant, sidewaysReach } from '../../core/drawing/plant-drawing'
export { renderedDrawing } from '../../core/renderings'
