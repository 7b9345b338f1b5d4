/** How well founded a rule or constant is; shown beside every figure that rests on it. */
export type Evidence = 'published' | 'statutory' | 'keepers' | 'assumption';

/** A figure may also rest on nothing but what the keeper typed in. */
export type FigureEvidence = Evidence | 'entered';
