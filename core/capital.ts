/** Words with their first letter as a capital. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
