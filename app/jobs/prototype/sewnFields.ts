/** Name of the field of a length as sewn. */
export const sewnLengthField = (lengthId: string): string => `length.${lengthId}`;
