export { type BuiltLength, type BuiltPiece, builtPiece, CORNERS, type Diagonal, outlineOfBuilt } from "./built.ts";
