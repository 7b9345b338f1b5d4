import type { Choices } from '@/core/layout/fitOut';
import { LAYOUT_CASES } from './layoutsDoc';
import { askedOf, type RoughAsk, roughAskSchema } from './roughAsk';
import { roughJson } from './roughJson';

const ON = '2026-11-24';

type Made = Extract<ReturnType<typeof roughJson>, { kind: 'fits' }>;

const answersTo = (ask: RoughAsk) => {
  const asked = askedOf(roughAskSchema.parse(ask), ON);
  if (!asked.ok) throw new Error(`${ask.birds} is not understood`);
  return asked.value.answers;
};
const fittedOut = (ask: RoughAsk, choices: Choices = {}, alternatives = false): Made => {
  const made = roughJson(answersTo(ask), ON, choices, alternatives);
  if (made.kind !== 'fits') throw new Error(`${ask.birds}: ${made.text}`);
  return made;
};

/** Those in a room that is given: one that the program chooses is looked for again for each choice. */
const GIVEN = LAYOUT_CASES.filter(({ space }) => space !== null);

/** All that stands in a fit-out or collects its rain. */
const wholeOf = ({ plan }: Made): string => JSON.stringify([plan.fixtures, plan.rain]);

test.each(GIVEN.map((ask) => [ask.birds, ask] as const))(
  '%s: each choice instead is a whole fit-out, another than the first, that leaves nobody short',
  (_, ask) => {
    const first = fittedOut(ask, {}, true);
    const others = first.why.flatMap((line) => line.instead);
    expect(others.length).toBeGreaterThan(0);
    for (const { text, choices } of others) {
      const other = fittedOut(ask, choices);
      expect([text, other.sentence]).toEqual([
        text,
        expect.stringMatching(/^This coop carries \d+ birds/),
      ]);
      expect([text, wholeOf(other) === wholeOf(first)]).toEqual([text, false]);
    }
  },
  60_000,
);

test('what stands beyond a mesh wall has its own heading, and what one zone has the other has too', () => {
  const ask = LAYOUT_CASES.find((c) => c.birds === '6 Brahma and 2 ducks');
  if (!ask) throw new Error('no such case');
  const { why, plan } = fittedOut(ask);
  expect(plan.partition).not.toBeNull();
  const at = why.findIndex((line) => line.heading);
  expect(why[at]?.text).toBe('Beyond the mesh wall, for the ducks:');
  expect(why.filter((line) => line.heading)).toHaveLength(1);
  const stations = (lines: typeof why) => new Set(lines.map((line) => line.station));
  for (const station of ['nests', 'air', 'feed', 'water']) {
    expect([station, stations(why.slice(0, at)).has(station)]).toEqual([station, true]);
    expect([station, stations(why.slice(at + 1)).has(station)]).toEqual([station, true]);
  }
  expect(stations(why.slice(at + 1)).has('roosts')).toBe(false);
});

test('a coop for hens alone has no heading among its reasons', () => {
  const ask = LAYOUT_CASES.find((c) => c.birds === '11 brown hens');
  if (!ask) throw new Error('no such case');
  expect(fittedOut(ask).why.filter((line) => line.heading)).toEqual([]);
});

test('feeders made from a can and a rain barrel are chosen, told of, and leave nobody short', () => {
  const ask = LAYOUT_CASES.find((c) => c.birds === '11 brown hens' && c.space !== null);
  if (!ask) throw new Error('no such case');
  const place = { ...ask, climate: 'cold-continental' };
  const texts = fittedOut(place, {}, true).why.flatMap((l) => l.instead.map((o) => o.text));
  expect(texts).toEqual(expect.arrayContaining(['Feeders made from a can', 'With a rain barrel']));
  const { plan, why, findings } = fittedOut(place, { homeMade: true, rain: true });
  for (const f of plan.fixtures) if (f.kind === 'feeder') expect(f.made?.body.shape).toBe('can');
  expect(plan.rain?.barrel.litres).toBeGreaterThan(100);
  const told = why.map((l) => l.text).join(' ');
  expect(told).toContain('Feeders made at home: a can');
  expect(told).toContain('A rain barrel of');
  expect(findings.filter((f) => /barrel|gutter|line|elbow/i.test(f.text))).toEqual([]);
});
