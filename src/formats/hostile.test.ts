import { parsePlanText } from '@/core/edit/parse';
import { sample } from '@/core/tests/plans';
import { issueLine, issuePath } from '@/text/issues';
import { hostileFiles } from '../../e2e/fixtures/hostile';

const files = hostileFiles({ ...sample('pell-garth') });

test('there are twenty of them and more', () => {
  expect(files.length).toBeGreaterThanOrEqual(20);
  expect(new Set(files.map((f) => f.name)).size).toBe(files.length);
});

test.each(files.map((f) => [f.name, f] as const))(
  '%s is refused at its place, in a sentence',
  (_, file) => {
    const parsed = parsePlanText(new TextDecoder().decode(file.make()));
    if (parsed.ok) throw new Error('it was taken');
    const found = parsed.issues.find((i) => i.code === file.code);
    expect(found ? issuePath(found) : parsed.issues.slice(0, 3).map(issueLine)).toBe(
      file.path ?? '',
    );
    for (const issue of parsed.issues.slice(0, 20)) {
      const line = issueLine(issue);
      expect(line).toMatch(/^\S.*[.]$/);
      expect(line).not.toMatch(/undefined|\[object/);
    }
  },
);

test('nothing was added to any object by reading them', () => {
  for (const file of files) parsePlanText(new TextDecoder().decode(file.make()));
  expect(({} as Record<string, unknown>).polluted).toBeUndefined();
});

test('a name with markup, quotes or other scripts is a name like any other', () => {
  for (const name of ['<script>alert(1)</script>', '"quoted" & \'so\'', '鶏小屋', 'Hönsgård 🐓']) {
    const parsed = parsePlanText(JSON.stringify({ ...sample('pell-garth'), name }));
    expect(parsed.ok && parsed.value.name).toBe(name);
  }
});
