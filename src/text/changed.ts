import type { Assessment } from '@/core/assess';
import type { UnitSystem } from '@/core/kernel/units/length';
import { findingTitle } from './findings';
import { sayFigure } from './say';
import { STATION_IN_SENTENCE } from './stations';

/** Findings named at most; the rest are counted. */
const MOST = 2;

type Judged = Pick<Assessment, 'staves' | 'findings' | 'figures' | 'demand'>;

/**
 * What a choice changed, in a line: what stations carry, what is eaten and drunk today, findings that came and went.
 * @returns  "Nothing that is worked here changed." where it changed none of these
 */
export function changedText(before: Judged, after: Judged, units: UnitSystem): string {
  const carries = after.staves.flatMap((stave) => {
    const was = before.staves.find((s) => s.station === stave.station)?.carries ?? null;
    return was === stave.carries || was === null || stave.carries === null
      ? []
      : [
          `${STATION_IN_SENTENCE[stave.station].the} ${STATION_IN_SENTENCE[stave.station].plural ? 'carry' : 'carries'} ${was} → ${stave.carries}`,
        ];
  });
  const asked = [
    ...amount(before, after, 'feedKg', 'feed', units),
    ...amount(before, after, 'waterL', 'water', units),
  ];
  const parts = [...carries, ...asked, ...findings(before, after)];
  if (parts.length === 0) return 'Nothing that is worked here changed.';
  const text = parts.join('; ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

function amount(
  before: Judged,
  after: Judged,
  measure: 'feedKg' | 'waterL',
  name: string,
  units: UnitSystem,
): string[] {
  const most = (a: Judged): string | null => {
    const row = a.demand.find((d) => d.measure === measure);
    const figure = a.figures.get(row?.most?.figure ?? '');
    return figure ? sayFigure(figure, units) : null;
  };
  const [was, is] = [most(before), most(after)];
  return was === is || was === null || is === null ? [] : [`${name} at most ${was} → ${is}`];
}

function findings(before: Judged, after: Judged): string[] {
  const gone = before.findings.filter((f) => !after.findings.some((g) => g.key === f.key));
  const come = after.findings.filter((f) => !before.findings.some((g) => g.key === f.key));
  const told = (list: typeof gone): string => {
    const titles = [...new Set(list.map(findingTitle))];
    const more = titles.length - MOST;
    const named = titles.slice(0, MOST).map((t) => `“${t}”`);
    return more > 0 ? `${named.join(', ')} and ${more} more` : named.join(' and ');
  };
  return [
    ...(come.length > 0 ? [`found now: ${told(come)}`] : []),
    ...(gone.length > 0 ? [`no longer found: ${told(gone)}`] : []),
  ];
}
