export { type ClothRepository, clothRepository, type ShelvedCloth } from "./cloths.ts";
export { type LayupRepository, layupRepository } from "./layups.ts";
