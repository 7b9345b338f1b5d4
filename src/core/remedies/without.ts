/** Findings that no change of the fit-out can mend, with the reason. */
export const WITHOUT_REMEDY: Readonly<Record<string, string>> = {
  'flock.cocks.tooFew': 'Whether eggs are to be fertile is the keeper’s to say.',
  'flock.ducks.withHens': 'It is met by how they are kept, not by what is built.',
  'flock.limit.birds': 'Which birds go is the keeper’s to say.',
  'flock.limit.permit': 'The permit is the authority’s to give.',
  'flock.limit.cocks': 'Which birds go is the keeper’s to say.',
  'reach.headroom.none': 'The roof is the shell’s, and the shell’s structure is outside this tool.',
  'flock.limit.setback': 'Where the coop stands is not part of its fit-out.',
};
