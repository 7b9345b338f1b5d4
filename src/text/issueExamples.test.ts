import { type AmountKind, amountExample, readAmount } from '@/core/kernel/units/amount';
import { fieldUnit, readLength } from '@/core/kernel/units/length';
import { massFieldUnit, readMass } from '@/core/kernel/units/mass';
import { readDecimal } from '@/core/kernel/units/number';
import { readSection } from '@/core/kernel/units/section';
import { readFlock } from './flockWords';
import { issueText } from './issues';

const UNITS = ['metric', 'imperial'] as const;

/** What a message tells to write: all that stands after "Write it as", "such as" or "Write", parted by commas and "or". */
function examplesIn(code: string, details: Record<string, string>): string[] {
  const told = /(?:Write it as|such as|Write|one comma:) (.+?)(?:\.$|;|\. )/.exec(
    issueText({ code, path: [], details }),
  )?.[1];
  if (!told) throw new Error(`${code} gives no example`);
  return told.split(/,? or |, /).map((e) => e.replace(/[.;]$/, '').trim());
}

test.each(UNITS)('every example of a length or a mass in a message is read back (%s)', (units) => {
  const examples = [
    ...examplesIn('length.empty', { unit: fieldUnit(units) }),
    ...examplesIn('length.unreadable', { typed: 'x', unit: fieldUnit(units) }),
    ...examplesIn('length.twoSeparators', { typed: 'x' }),
  ];
  expect(examples.length).toBeGreaterThanOrEqual(5);
  for (const e of examples) expect([e, readLength(e, units).ok]).toEqual([e, true]);
  for (const e of examplesIn('mass.unreadable', { typed: 'x', unit: massFieldUnit(units) }))
    expect([e, readMass(e, units).ok]).toEqual([e, true]);
});

test.each(UNITS)('every example of an amount is read back (%s)', (units) => {
  const kinds: AmountKind[] = ['kg', 'egg', 'L', 'bulk', '°C', 'm²', 'altitude'];
  for (const kind of kinds) {
    const example = amountExample(kind, units);
    const told = examplesIn('amount.unreadable', { typed: 'x', example });
    for (const e of told) expect([e, readAmount(e, kind, units)]).toEqual([e, expect.any(Number)]);
  }
});

test('examples of numbers, of sections and of birds are read back', () => {
  for (const e of examplesIn('number.unreadable', { typed: 'x' }))
    expect([e, readDecimal(e)]).toEqual([e, 4.5]);
  for (const example of ['38 x 89 or 2x4', '2x4 or 1 1/2 x 3 1/2 in'])
    for (const e of examplesIn('section.unreadable', { typed: 'x', example }))
      expect([e, readSection(e, 'metric')]).toEqual([e, expect.any(Object)]);
  for (const code of ['rough.birds.none', 'rough.birds.both'])
    for (const [e] of [
      /\d+ [A-Za-z ]*(bantams|Orpingtons)/.exec(
        issueText({ code, path: [], details: { said: 'x' } }),
      ) ?? [],
    ])
      expect(readFlock(e ?? '', '2027-03-01')).toMatchObject({ unread: [], birds: [{}] });
});

test('what is asked back says both ways to write it, and each is read', () => {
  const read = readLength('1,200 mm', 'metric');
  const issue = read.ok ? undefined : read.issues[0];
  if (!issue) throw new Error('it was read');
  expect(issueText(issue)).toBe('“1,200 mm”: is that 1.2 or 1,200? Write 1.200 mm or 1200 mm.');
});
