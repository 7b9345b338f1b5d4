/** One step of the tour: what it shows, and what is said of it. */
export interface TourStep {
  readonly id: 'staves' | 'sentence' | 'coop' | 'finding' | 'rules';
  readonly title: string;
  readonly text: string;
}

export const TOUR: readonly TourStep[] = [
  {
    id: 'staves',
    title: 'What each thing carries',
    text: 'A line for each thing your birds need. Its rail is as long as the birds it serves. The blue line is what you plan: a rail that stops short of it holds the coop back. Press one to work on it.',
  },
  {
    id: 'sentence',
    title: 'The answer in one sentence',
    text: 'The shortest rail is what the coop carries. Every underlined number, here and elsewhere, opens its working: the rule, your own measures, and where the rule is from.',
  },
  {
    id: 'coop',
    title: 'Your coop, to scale',
    text: 'Birds sit where they would at night; those without a place stand dashed on the floor. Press a thing to pick it, and move it with the arrow keys. The stick at the left has every height.',
  },
  {
    id: 'finding',
    title: 'What would go wrong, and what mends it',
    text: 'The worst comes first, with what happens to the birds. Below it stands what mends it, proved beforehand. One press does it, and undo takes it back.',
  },
  {
    id: 'rules',
    title: 'Whose rules?',
    text: 'Keepers differ. Under House rules you choose what you keep birds by, and see what each rule would give for this plan. That is all: leave when you like.',
  },
];
