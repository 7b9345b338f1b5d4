const MARKS = /^[.,;:)]+/;

/** Marks that a text begins with: they stay on the line of the number before it. */
export const marksOf = (text: string): string => MARKS.exec(text)?.[0] ?? '';

/** The text without them. */
export const afterMarks = (text: string): string => text.replace(MARKS, '');
