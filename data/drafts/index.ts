export { type DraftRepository, draftRepository, LARGEST_DRAFT } from "./drafts.ts";
