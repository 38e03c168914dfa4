export { isParted, sidesOf, wholeId } from "./halves.ts";
export { joinedSides } from "./joinedSides.ts";
export { sideOf, withSide } from "./oneSide.ts";
export { alikeIn, parted } from "./parted.ts";
export { onWhole, wholePieces } from "./wholePieces.ts";
