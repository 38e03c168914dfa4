export { type DraftOwner, draftKindsOf, draftName, isDraftName } from "./draftNames.ts";
export { type DraftRepository, draftRepository, LARGEST_DRAFT } from "./drafts.ts";
