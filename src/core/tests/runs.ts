/**
 * How often a property is tried: `npm test` tries it often enough to see a mend undone, `npm run proof` as often as
 * the claim asks for.
 */
export const runs = (usual: number, proof: number): number =>
  process.env.WIDE_RAFTER_PROOF === '1' ? proof : usual;
