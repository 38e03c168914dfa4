/** A wait that the work itself asks for. */
export interface WaitKind {
  readonly id: string;
  readonly name: string;
  /** How long it takes, hours. */
  readonly hours: number;
  /** Why, in a sentence. */
  readonly why: string;
  /** Steps of sewing that cannot be begun before it is over. */
  readonly blocks: readonly string[];
}
