import type { Assessment } from '@/core/assess';
import type { StationId } from '@/core/kernel/finding';

/** The assessment as other programs read it; figure ids and codes are stable. */
export function assessmentJson(a: Assessment) {
  return {
    on: a.on,
    carries: a.carries,
    planned: a.planned,
    today: a.today,
    heldBackBy: a.heldBackBy,
    sentence: a.sentence.kind,
    staves: Object.fromEntries(
      a.staves
        .filter((s) => s.station !== 'flock' && s.station !== 'shell')
        .map((s): [StationId, object] => [
          s.station,
          {
            carries: s.carries,
            verdict: s.verdict,
            state: s.state,
            setOn: s.setOn,
            shortFrom: s.shortFrom,
            shortTill: s.shortTill,
            orMore: s.orMore,
            pair: s.pair,
          },
        ]),
    ),
    demand: Object.fromEntries(
      a.demand.map(({ measure, todayFigure, most }) => [
        measure,
        { today: todayFigure, most: most?.figure ?? null, day: most?.day ?? null },
      ]),
    ),
    figures: Object.fromEntries(
      [...a.figures.values()].map(({ id, value, unit, evidence, source, working }) => [
        id,
        { value, unit, evidence, source, working },
      ]),
    ),
    findings: a.findings.map(({ code, severity, fixtures, numbers, from, till, another }) => ({
      code,
      severity,
      fixtures,
      numbers,
      ...(from ? { from } : {}),
      ...(till ? { till } : {}),
      ...(another ? { another } : {}),
    })),
    schools: Object.fromEntries(
      Object.entries(a.schools).map(([topic, offers]) => [
        topic,
        offers.map(({ id, chosen, comparisonOnly, carries }) => ({
          id,
          chosen,
          comparisonOnly,
          carries,
        })),
      ]),
    ),
  };
}
