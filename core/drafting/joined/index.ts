export { type JoinedPart, joinedUppers } from "./joinedUppers.ts";
