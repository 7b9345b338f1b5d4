import type { Difference } from '@/core/edit/differences';

const PARTS: Readonly<Record<Difference['part'], string>> = {
  fixture: 'a fixture',
  group: 'a group',
  ownBreed: 'a breed of your own',
  format: 'the file’s kind',
  version: 'the file’s version',
  id: 'the plan’s id',
  name: 'the name',
  units: 'the units',
  climate: 'the climate',
  timeZone: 'the time zone',
  horizonYears: 'the years looked ahead',
  schools: 'the schools',
  keeper: 'the keeper’s measures',
  litter: 'the litter',
  fills: 'the fills',
  run: 'the run',
  site: 'the place',
  partition: 'the partition',
  brooder: 'the brooder',
  limits: 'the local rules',
  shell: 'the shell',
};

/** Differences told at most; the rest are counted. */
const MOST = 6;

/** In what one plan differs from another: "Rear bar changed, Bar 3 added, the shell changed". */
export function differencesText(differences: readonly Difference[]): string {
  if (differences.length === 0) return 'nothing';
  const told = differences.slice(0, MOST).map((d) => `${d.name ?? PARTS[d.part]} ${d.change}`);
  const more = differences.length - told.length;
  return more > 0 ? `${told.join(', ')} and ${more} more` : told.join(', ');
}
