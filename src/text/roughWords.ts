import { type Outcome, ok } from '@/core/kernel/outcome';
import { readLength, readRoomLength, type UnitSystem } from '@/core/kernel/units/length';
import { figuresFor } from '@/core/kernel/units/numberWords';
import { about, type Band, type BodyPart, between, byBody, exactly } from '@/core/measure/bands';

/** What a part of the body is called where a keeper measures by it. */
const BODY_WORDS: readonly (readonly [RegExp, BodyPart])[] = [
  [/\bankles?\b/, 'ankle'],
  [/\b(shins?|calf|calves|mid[- ]calf|boots?)\b/, 'shin'],
  [/\bknees?\b/, 'knee'],
  [/\b(thighs?|mid[- ]thigh)\b/, 'thigh'],
  [/\b(hips?|waist|belt)\b/, 'hip'],
  [/\b(elbows?|bench)\b/, 'elbow'],
  [/\b(chest|breast)\b/, 'chest'],
  [/\bshoulders?\b/, 'shoulder'],
  [/\bchin\b/, 'chin'],
  [/\beyes?\b|\beye[- ]level\b/, 'eyes'],
  [/\b(head|my (own )?height|as tall as (me|i am))\b/, 'head'],
  [/\bforearms?\b/, 'forearm'],
  [/\barms?\b/, 'arm'],
  [/\b(hands?)\b/, 'hand'],
  [/\b(paces?|steps?|strides?)\b/, 'pace'],
];

const ABOUT =
  /^(?:about|around|roughly|approximately|approx\.?|ca\.?|circa|some|nearly|almost|just (?:over|under)|maybe|perhaps|~|≈)\s*/;
const ROUGH_END = /\s*(?:or so|ish|-ish|roughly|about|more or less|\?)$/;
const RANGE =
  /^(?:between\s+)?(.+?)\s*(?:–|—|\bto\b|\bor\b|\band\b|(?<=[\d.a-z"'])\s*-\s*(?=\d))\s*(.+)$/;

/**
 * A measure as it is said standing in a coop: "62 cm", "about 2 ft", "40 to 50 cm", "knee high", "three hands".
 * What is said to be rough is a band; what is not is taken as read off a tape.
 * @param units     what a bare number is in
 * @param statureM  the keeper's height, m
 * @param room      whether it is a measure of the room: then a small bare number is feet in an imperial plan
 * @example readRough('knee high', 'metric', 1.68) // { ok: true, value: { atM: 0.48, fromM: 0.42, toM: 0.54 } }
 */
export function readRough(
  text: string,
  units: UnitSystem,
  statureM: number,
  room = false,
): Outcome<Band> {
  const read = (said: string): Outcome<number> =>
    room ? readRoomLength(said, units) : readLength(said, units);
  const said = text.trim().toLowerCase().replace(/\s+/g, ' ');
  const told = said.replace(ABOUT, '');
  const isAbout = told !== said || ROUGH_END.test(said);
  const plain = told.replace(ROUGH_END, '').trim();
  const body = bodyIn(plain);
  if (body) return ok(byBody(body.part, body.times, statureM));
  const exact = read(plain);
  if (exact.ok) return ok(isAbout ? about(exact.value) : exactly(exact.value));
  const range = rangeIn(plain, read);
  if (range) return ok(range);
  // what was typed is told of, not what was left of it
  const whole = read(text);
  return whole.ok ? ok(exactly(whole.value)) : whole;
}

/** "Knee high" is one; "three hands" are three; "half a pace" is a half. */
function bodyIn(text: string): { part: BodyPart; times: number } | null {
  const row = BODY_WORDS.find(([pattern]) => pattern.test(text));
  if (!row) return null;
  const rest = figuresFor(text.replace(row[0], ' '))
    .replace(
      /\b(high|height|level|deep|wide|long|up|to|my|the|your|a|an|of|as|at|length|span)\b/g,
      ' ',
    )
    .trim();
  if (rest === '') return { part: row[1], times: 1 };
  const [, whole, top, bottom] = /^(\d+(?:\.\d+)?)?\s*(?:(\d+)\/(\d+))?$/.exec(rest) ?? [];
  if (whole === undefined && top === undefined) return null;
  const times = Number(whole ?? 0) + (top === undefined ? 0 : Number(top) / Number(bottom));
  return times > 0 && times < 40 ? { part: row[1], times } : null;
}

/** "40 to 50 cm": the unit of the second holds for the first where it has none. */
function rangeIn(text: string, read: (said: string) => Outcome<number>): Band | null {
  const [, a, b] = RANGE.exec(text) ?? [];
  if (a === undefined || b === undefined) return null;
  const second = read(b);
  const unit = /[a-z"']+$/.exec(b)?.[0] ?? '';
  const first = read(/[a-z"']$/.test(a) ? a : `${a} ${unit}`.trim());
  return first.ok && second.ok ? between(first.value, second.value) : null;
}
