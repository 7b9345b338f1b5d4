/** A plan of more fixtures is worked beside the server: the rest of its pages would wait meanwhile. */
export const MANY_FIXTURES = 60;
