/** A kind of thread: how it is told from others, and how far it gives before it breaks. */
export interface ThreadKind {
  readonly id: string;
  readonly name: string;
  /** Textured threads fill a seam and give; all others are plain. */
  readonly textured: boolean;
  /** e_t, ratio; null where nothing general can be said. */
  readonly extension: number | null;
}

/** Every kind of thread; adding one is adding a line. Extensions: domain notes, section 7. */
export const THREADS = [
  { id: "spun", name: "spun polyester", textured: false, extension: 0.05 },
  { id: "coreSpun", name: "core-spun", textured: false, extension: 0.05 },
  { id: "texturedNylon", name: "textured nylon", textured: true, extension: 0.2 },
  { id: "texturedPolyester", name: "textured polyester", textured: true, extension: 0.2 },
  { id: "elastic", name: "elastic", textured: true, extension: null },
] as const satisfies readonly ThreadKind[];

/** One of {@link THREADS}. */
export type ThreadId = (typeof THREADS)[number]["id"];

/** A thread by its name. */
export const threadOf = <Id extends ThreadId>(id: Id) =>
  THREADS.find((one) => one.id === id) as Extract<(typeof THREADS)[number], { readonly id: Id }>;
