export { frozenSchema } from "./frozenSchema.ts";
export { FROZEN_UPCASTS } from "./upcasts.ts";
