import type { Sent } from "./postTo.ts";

/** How one action is tried over the demo workshop: right, wrong, stale, and with an address of something else. */
export interface ActionCase {
  /** What it does, in a few words. */
  readonly does: string;
  readonly address: string;
  readonly right: Sent;
  /** Where a right form leads; a status where it leads nowhere. */
  readonly gives: string | RegExp | number;
  /** Wrong values, with the fields a message stands beside. */
  readonly wrong?: readonly (readonly [Sent, readonly string[]])[];
  /** Status where somebody else was quicker; none where the form starts from nothing that could have changed. */
  readonly stale?: 409 | 400;
  /** The same page of something that is not there, or not of this job. */
  readonly foreign?: readonly (string | readonly [string, Sent])[];
  /** True where a right form changes no data of the workshop. */
  readonly leaves?: boolean;
}
