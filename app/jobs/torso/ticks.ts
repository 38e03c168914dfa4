/** Name of the field of a linked piece's tick; its value is the amount it was ticked at. */
export const tickField = (key: string): string => `tick.${key}`;
