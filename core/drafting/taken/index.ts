export { retaken, takenPiece } from "./taken.ts";
