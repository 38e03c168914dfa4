/** Figures that are measured together, each group in a process of its own. */
export interface Group {
  /** Its name on the command line, and its file's. */
  readonly name: string;
  readonly of: string;
  /**
   * True where it is bundled as the application is shipped: run straight from source, every inner function would be given its
   * name anew at each call, which costs more than what it does.
   */
  readonly shipped: boolean;
  /** After so long it is ended and said to have hung, s. */
  readonly limitS: number;
}

/** Every group; adding one is adding its file and a line. */
export const GROUPS: readonly Group[] = [
  { name: "plan", of: "ease plans", shipped: true, limitS: 60 },
  { name: "drafts", of: "pieces drawn", shipped: true, limitS: 180 },
  { name: "elastics", of: "elastics", shipped: true, limitS: 60 },
  { name: "layout", of: "layouts", shipped: true, limitS: 300 },
  { name: "days", of: "days", shipped: true, limitS: 120 },
  { name: "lists", of: "lists", shipped: false, limitS: 120 },
  { name: "findings", of: "findings", shipped: false, limitS: 240 },
  { name: "commands", of: "commands of the shell", shipped: false, limitS: 120 },
  { name: "pages", of: "pages over HTTP", shipped: false, limitS: 180 },
  { name: "typing", of: "typing in the browser", shipped: false, limitS: 240 },
];
