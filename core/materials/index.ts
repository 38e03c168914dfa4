export { materialsCalculation } from "./calculation.ts";
export type { MaterialsFacts } from "./materialsFacts.ts";
export type { MaterialRow, MaterialsReckoning } from "./reckonMaterials.ts";
export { EMPTY_SHELF, onShelf, SHELF, SHELF_FIELD } from "./shelf.ts";
export { type MaterialsWorking, NEW_MATERIALS } from "./working.ts";
