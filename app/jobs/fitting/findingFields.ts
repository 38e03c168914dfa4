/** Name of the form field of one of the things a kind of finding asks for. */
export const detailField = (id: string): string => `detail.${id}`;
