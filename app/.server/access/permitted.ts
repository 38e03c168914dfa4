import type { Role } from "../../../data/access/index.ts";

/** What may be done at an address: looked at only, or changed as well. */
export type Allowed = "read" | "write";

/** A role that may not do everything. */
type Narrow = Exclude<Role, "whole">;

const LOOK = { look: "read" } as const;
const JOB = { look: "read", fittings: "read" } as const;
const FITTING = { look: "read", fittings: "write" } as const;
const EVERY = { look: "write", fittings: "write" } as const;

/**
 * What devices that are not let into the whole workshop may do, by the address as `routes.ts` has it. What does not stand here is
 * refused to them: a new page is shown to them only once it has a line. Fittings reach a job's page only for the jobs they are for.
 */
export const PERMITTED: Readonly<Record<string, Partial<Record<Narrow, Allowed>>>> = {
  // Whoever is for fittings begins with the list of theirs.
  "/": LOOK,
  "/fittings": JOB,
  "/care": JOB,
  "/preferences": EVERY,
  "/sign-out": EVERY,
  // Of fittings only drafts of their own jobs: the action asks whose they are.
  "/drafts": { fittings: "write" },
  "/wearers": LOOK,
  "/wearers/:wearerId": LOOK,
  "/wearers/:wearerId/compare": LOOK,
  "/wearers/:wearerId/garments": LOOK,
  "/wearers/:wearerId/wraps": LOOK,
  "/wraps/:wrapId": LOOK,
  "/garments/:garmentId": LOOK,
  "/sheets/:sheetId": LOOK,
  "/cloths": LOOK,
  "/cloths/:clothId": LOOK,
  "/cloths/:clothId/photo": LOOK,
  "/tests/:testId": LOOK,
  "/layups": LOOK,
  "/layups/:layupId": LOOK,
  "/charts": LOOK,
  "/charts/:chartId": LOOK,
  "/styles": LOOK,
  "/styles/:styleId": LOOK,
  "/days": LOOK,
  "/machines": LOOK,
  "/shelf": LOOK,
  "/findings": LOOK,
  "/jobs/:jobId": JOB,
  "/jobs/:jobId/body": JOB,
  "/jobs/:jobId/cloth": JOB,
  "/jobs/:jobId/corset": JOB,
  "/jobs/:jobId/ease": JOB,
  "/jobs/:jobId/pattern": JOB,
  "/jobs/:jobId/torso": JOB,
  "/jobs/:jobId/cups": JOB,
  "/jobs/:jobId/band": JOB,
  "/jobs/:jobId/parts": JOB,
  "/jobs/:jobId/pieces": JOB,
  "/jobs/:jobId/elastics": JOB,
  "/jobs/:jobId/bones": JOB,
  "/jobs/:jobId/layout": JOB,
  "/jobs/:jobId/materials": JOB,
  "/jobs/:jobId/seams": JOB,
  "/jobs/:jobId/sewing": JOB,
  "/jobs/:jobId/prototypes": JOB,
  "/jobs/:jobId/wear": JOB,
  "/jobs/:jobId/changes": JOB,
  "/jobs/:jobId/zones": JOB,
  "/jobs/:jobId/compare": JOB,
  "/jobs/:jobId/history": JOB,
  "/jobs/:jobId/photos/:photoId": JOB,
  "/jobs/:jobId/prototypes/:number": JOB,
  "/jobs/:jobId/prototypes/:number/pieces": JOB,
  "/jobs/:jobId/prototypes/:number/fitting": FITTING,
  "/jobs/:jobId/prototypes/:number/send": FITTING,
};

/** Addresses anybody may open: to sign in, and what is reached by a secret of its own. */
export const FOR_ANYBODY: readonly string[] = [
  "/sign-in",
  "/days/calendar/:secret",
  "/measure/:secret",
  "/without-network",
  "/certificate",
];

/** Addresses that are opened at the machine itself only: who is let in is not decided from outside. */
export const AT_THE_MACHINE: readonly string[] = [
  "/settings/sharing",
  "/settings/devices",
  "/settings/backups",
  "/settings/backups/:name",
  "/settings/everything",
];

/** An address that begins with the job it is about. */
export const OF_A_JOB = /^\/jobs\/:jobId(?:\/|$)/;

/** The pattern of a route as this table writes it: the page of a layout is its own address. */
export const plainPattern = (pattern: string): string => `/${pattern.replace(/^\/+|\/+$/g, "")}`;

/** What a role may do at a pattern; null for nothing. */
export const allowedTo = (role: Role, pattern: string): Allowed | null =>
  role === "whole" ? "write" : (PERMITTED[plainPattern(pattern)]?.[role] ?? null);
