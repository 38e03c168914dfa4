/** Stretch in per cent, for sentences. */
export const perCent = (stretch: number): string => `${Math.round(stretch * 100)} %`;
