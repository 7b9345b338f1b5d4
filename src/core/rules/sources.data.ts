export interface Source {
  readonly id: string;
  readonly title: string;
  readonly detail: string;
}

/** Each work cited once; rules, figures and workings refer to it by id. */
export const SOURCES: readonly Source[] = [
  {
    id: 'keepers',
    title: "Keepers' usage",
    detail:
      'Rules of thumb that practised backyard keepers give for a medium hen. Schools differ; each stands with its reason.',
  },
  {
    id: 'eu-1999-74',
    title: 'Council Directive 1999/74/EC',
    detail:
      'Minimum standards for the protection of laying hens in commercial houses. A floor to compare with, not a target for a backyard.',
  },
  {
    id: 'wide-rafter',
    title: 'Our own modelling choice',
    detail: 'Reasoned from proportions and carpentry; marked as an assumption wherever it is used.',
  },
  {
    id: 'breed-standards',
    title: 'Breed standard weights',
    detail:
      'Adult weights as given in breed standards, rounded. A keeper who has a scale should enter her own.',
  },
  {
    id: 'cigr-2002',
    title: 'CIGR, Climatization of animal houses, 4th report, 2002',
    detail: 'Heat and moisture given off by poultry at house level. Flocks differ by a tenth.',
  },
  {
    id: 'air-network',
    title: 'Airflow through openings: slices, one internal pressure; floor edge by its length',
    detail:
      'Textbook hydraulics of buildings: sharp edges pass 0.6 of what a smooth hole would. Single-sided exchange after Warren and Parkins, 1985; wind pressures of low buildings from published tables, rounded.',
  },
  {
    id: 'zulovich-1990',
    title: 'Zulovich and DeShazer, temperature–humidity index for laying hens, 1990',
    detail: 'Air and wet-bulb temperature, 0.6 and 0.4. The bands for grown hens are assumed.',
  },
  {
    id: 'ashrae-psychrometrics',
    title: 'ASHRAE Handbook, Fundamentals, chapter 1: psychrometrics',
    detail: 'Vapour pressure over water and over ice after Hyland and Wexler, 1983.',
  },
  {
    id: 'nrc-1994',
    title: 'NRC, Nutrient Requirements of Poultry, 1994',
    detail: 'Metabolisable energy that laying hens ask for, by mass, temperature, growth and eggs.',
  },
  {
    id: 'perch-landing',
    title: 'Trials of hens moving between perches',
    detail:
      'Hens that jump down more steeply than 45° or farther than a metre land badly or miss (Lambe, Scott and Hitchcock, Animal Welfare, 1997, and later trials).',
  },
  {
    id: 'timber-tables',
    title: 'Engineers’ tables of timber and beam formulas',
    detail:
      'Stiffness and allowed bending stress of clear sound timber; simply supported beam under a uniform load. Figures are for bars of a coop, not for structures.',
  },
  {
    id: 'plan',
    title: 'This plan',
    detail: 'Entered by the keeper, or counted from what was entered.',
  },
];

const BY_ID = new Map(SOURCES.map((s) => [s.id, s]));

/** @throws Error for an id that no source carries: a broken table, not bad input. */
export function sourceById(id: string): Source {
  const source = BY_ID.get(id);
  if (!source) throw new Error(`no source has the id ${id}`);
  return source;
}
