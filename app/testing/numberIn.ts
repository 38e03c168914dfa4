/** The number a page shows in a text, with its true minus: `−13.5 %` is −13.5. NaN where there is none. */
export const numberIn = (text: string | undefined): number =>
  Number.parseFloat((text ?? "").replace("−", "-").replace(/^\+/, ""));
