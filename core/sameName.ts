/** True for two names that a maker means as one: whatever their letters and the room round them. */
export const sameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();
