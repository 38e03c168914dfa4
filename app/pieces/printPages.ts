/** The header by which a print tells how many pages it has. */
export const PAGES_HEADER = "Stenz-Pages";
