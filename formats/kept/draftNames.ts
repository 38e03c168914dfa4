/** What a half-filled form is about: erasing it takes its drafts with it. */
export type DraftOwner = "wearer" | "job" | "prototype" | "fitting" | "finding" | "change" | "liked" | "wrap";

/**
 * Every form that is kept as a draft, with what its draft belongs to, by the id behind the first colon. `anybody` may
 * hold a wearer not yet added; `workshop` holds nothing of a person. The draft of a form that does not stand here is
 * refused, so that none can be forgotten when a wearer is erased.
 */
export const DRAFT_KINDS = {
  annotation: "job",
  appointment: "job",
  chart: "workshop",
  "chart-import": "workshop",
  "chart-new": "workshop",
  cloth: "workshop",
  "cloth-new": "workshop",
  decision: "finding",
  finding: "fitting",
  "finding-edit": "finding",
  "fitting-head": "fitting",
  "fitting-new": "prototype",
  "hand-test": "workshop",
  job: "job",
  "job-new": "wearer",
  judgement: "change",
  layup: "workshop",
  machines: "workshop",
  "layup-new": "workshop",
  liked: "liked",
  "liked-new": "wearer",
  "own-change": "job",
  points: "job",
  "prototype-new": "job",
  reading: "fitting",
  settings: "workshop",
  "settings-days": "workshop",
  "settings-ease": "workshop",
  "settings-finishes": "workshop",
  "settings-workshop": "workshop",
  sewn: "job",
  sheet: "wearer",
  shelf: "workshop",
  "sign-off": "job",
  "strike-test": "workshop",
  style: "workshop",
  "swatch-test": "workshop",
  traced: "job",
  trial: "job",
  wearer: "wearer",
  "wearer-new": "anybody",
  working: "job",
  wrap: "wrap",
  "wrap-new": "wearer",
} as const satisfies Record<string, DraftOwner | "workshop" | "anybody">;

/** A form that is kept as a draft. */
export type DraftKind = keyof typeof DRAFT_KINDS;

/** Name of the draft of a form: `sheet:3`, `working:5:cup`. */
export const draftName = (kind: DraftKind, ...about: readonly (number | string)[]): string =>
  [kind, ...about].join(":");

const PARTS = /^[a-z0-9-]{1,40}(?::[a-z0-9-]{1,40}){0,3}$/;

/** True for a name that a form of {@link DRAFT_KINDS} gives. */
export const isDraftName = (text: string): boolean =>
  PARTS.test(text) && Object.hasOwn(DRAFT_KINDS, text.split(":")[0] ?? "");

/** The forms whose drafts belong to one kind of thing. */
export const draftKindsOf = (owner: DraftOwner | "anybody"): DraftKind[] =>
  (Object.keys(DRAFT_KINDS) as DraftKind[]).filter((kind) => DRAFT_KINDS[kind] === owner);
