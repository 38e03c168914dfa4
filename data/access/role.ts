/** What a device may do, the widest first. */
export const ROLES = ["whole", "fittings", "look"] as const;

/** One of {@link ROLES}: the whole workshop; fittings of chosen jobs, without export and erasing; only to look. */
export type Role = (typeof ROLES)[number];

/** True for one of {@link ROLES}. */
export const isRole = (text: string): text is Role => (ROLES as readonly string[]).includes(text);
