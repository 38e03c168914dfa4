import type { FindingKind, FindingKindId } from "./findingKind.ts";
import { loose } from "./loose.ts";
import { rides } from "./rides.ts";
import { tight } from "./tight.ts";

/** Kinds of finding that can be put on the figure, in the order they are offered. */
export const FINDING_KINDS: readonly FindingKind[] = [loose, tight, rides];

const BY_ID: Readonly<Record<FindingKindId, FindingKind>> = { loose, tight, rides };

/** Looks a kind up by its id. */
export const findingKindOf = (id: FindingKindId): FindingKind => BY_ID[id];

/** True for a text that names a kind of finding. */
export const isFindingKindId = (text: string): text is FindingKindId => Object.hasOwn(BY_ID, text);
