import fontkit from '@pdf-lib/fontkit';
import DxfParser, { type ILwpolylineEntity } from 'dxf-parser';
import { assess } from '@/core/assess';
import { acrossPage, LIES } from '@/core/drawing/view';
import { inRun, solidOf } from '@/core/geometry/solids';
import type { Plan } from '@/core/model/schema';
import { DAY, sample, soundCoop } from '@/core/tests/plans';
import { fonts, PX_MM, pageOf } from '../tests/renderedPage';
import { drawnFile } from './drawn';
import { EDGE_MM, PAPERS, readScale, scaleName, tilesOf } from './paper';
import { runSheet } from './runSheet';
import { sheetOf } from './sheet';
import { rodsOf } from './stickPdf';

const VIEWS = Object.keys(LIES) as (keyof typeof LIES)[];
const text = (bytes: Uint8Array): string => new TextDecoder().decode(bytes);
const ask = { scale: 20, paper: 'a4', on: DAY } as const;

/** What the bars of a plan take in a view, mm: the least and most across and up. */
function barsIn(plan: Plan, view: (typeof VIEWS)[number]): number[][] {
  return plan.fixtures
    .filter((f) => f.kind === 'bar')
    .map((f) => {
      const s = solidOf(f, plan);
      const { across } = LIES[view];
      const ends = (across === 'x' ? [s.x0, s.x1] : [s.y0, s.y1]).map((m) =>
        acrossPage(view, plan.shell, m),
      );
      const up = view === 'above' ? [s.y0, s.y1] : [s.z0, s.z1];
      return [Math.min(...ends), Math.max(...ends), ...up].map((m) => m * 1000);
    })
    .sort((a, b) => (a[0] ?? 0) - (b[0] ?? 0) || (a[2] ?? 0) - (b[2] ?? 0));
}

test.each(VIEWS)(
  'seen from %s, bars in a DXF read by another program are where the plan has them, to 0.1 mm',
  async (view) => {
    for (const plan of [sample('osk-landing'), sample('pell-garth')]) {
      const file = text(await drawnFile(plan, { ...ask, view, format: 'dxf' }, fonts));
      const read = new DxfParser().parseSync(file);
      const boxes = (read?.entities ?? [])
        .filter((e): e is ILwpolylineEntity => e.type === 'LWPOLYLINE' && e.layer === 'BARS')
        .filter((e) => e.vertices.length === 4)
        .map((e) => {
          const [xs, ys] = [e.vertices.map((v) => v.x), e.vertices.map((v) => v.y)];
          return [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
        })
        .sort((a, b) => (a[0] ?? 0) - (b[0] ?? 0) || (a[2] ?? 0) - (b[2] ?? 0));
      const wanted = barsIn(plan, view);
      expect(boxes).toHaveLength(wanted.length);
      const off = boxes.flat().map((mm, i) => Math.abs(mm - (wanted.flat()[i] ?? 0)));
      expect(Math.max(...off)).toBeLessThan(0.1);
      expect(read?.header?.$INSUNITS).toBe(4);
    }
  },
);

test('a drawing has a layer for each kind of thing, and nothing that stands in the coop is left out', () => {
  const plan = soundCoop();
  const sheet = sheetOf(plan, assess(plan, { on: DAY }), 'front', 20);
  expect(sheet.layers.map((l) => l.layer)).toEqual([
    'shell',
    'openings',
    'bars',
    'nests',
    'feed and water',
    ...(plan.fixtures.some((f) => f.kind === 'dustBath' && !inRun(f)) ? ['other'] : []),
    'birds',
    'sticks',
  ]);
});

test('words beside the sticks touch neither one another nor the drawing', () => {
  for (const id of ['pell-garth', 'osk-landing', 'tamar-flats'] as const) {
    const plan = sample(id);
    for (const view of VIEWS) {
      const sheet = sheetOf(plan, assess(plan, { on: DAY }), view, 20);
      const mm = 0.02;
      const boxes = sheet.layers
        .flatMap((l) => l.texts)
        .map((t) => {
          const wide = t.text.length * t.sizeMm * 0.85 * mm;
          const from = t.anchor === 'end' ? t.at[0] - wide : t.at[0] - wide / 2;
          return { a0: from, a1: from + wide, b0: t.at[1], b1: t.at[1] + t.sizeMm * mm };
        });
      boxes.forEach((one, i) => {
        boxes.slice(i + 1).forEach((other) => {
          const apart =
            one.a1 <= other.a0 || other.a1 <= one.a0 || one.b1 <= other.b0 || other.b1 <= one.b0;
          expect([id, view, apart]).toEqual([id, view, true]);
        });
        expect(one.a0).toBeGreaterThanOrEqual(sheet.face.a0);
        expect(one.a1).toBeLessThanOrEqual(sheet.face.a1);
        expect(one.b0).toBeGreaterThanOrEqual(sheet.face.b0);
        expect(one.b1).toBeLessThanOrEqual(sheet.face.b1);
      });
    }
  }
});

test('story sticks printed at full size have their marks where the tape has them, to 0.2 mm, over the joins', async () => {
  const plan = sample('pell-garth');
  const assessment = assess(plan, { on: DAY });
  const pdf = await drawnFile(plan, { ...ask, view: 'sticks', format: 'pdf' }, fonts);
  const [heights] = rodsOf(plan, assessment);
  const { widthMm, heightMm } = PAPERS.a4;
  const tall = heightMm - 2 * EDGE_MM - 18;
  const across = Math.floor((widthMm - 2 * EDGE_MM) / 60);
  let measured = 0;
  for (const part of [0, 1, 2]) {
    const page = pageOf(pdf, Math.floor(part / across) + 1);
    const from = part * (tall - 10);
    // down the middle of the rod only its marks are dark
    const x = EDGE_MM + (part % across) * 60 + 9;
    for (const { m } of heights?.marks ?? []) {
      const up = m * 1000 - from;
      if (up < 3 || up > tall - 3) continue;
      const wanted = page.heightMm - (EDGE_MM + 18 + up);
      const rows = Array.from({ length: 21 }, (_, i) => wanted + (i - 10) / PX_MM);
      const dark = rows.filter((y) => page.at(x, y) < 120);
      expect([part, m, dark.length > 0]).toEqual([part, m, true]);
      const middle = dark.reduce((sum, y) => sum + y, 0) / dark.length;
      expect(Math.abs(middle - wanted)).toBeLessThan(0.2);
      measured++;
    }
  }
  expect(measured).toBeGreaterThan(4);
});

test('a view printed to scale measures what the plan says: Pell Garth at 1:20 is 150 mm long inside', async () => {
  const plan = sample('pell-garth');
  const pdf = await drawnFile(plan, { ...ask, view: 'above', format: 'pdf' }, fonts);
  const page = pageOf(pdf, 1);
  const sheet = sheetOf(plan, assess(plan, { on: DAY }), 'above', 20);
  // the rod along the foot is as long as the room: its two ends are dark, and what lies beyond them is paper
  const { a0, a1, b0, b1 } = sheet.face;
  const [wide, tall] = [(a1 - a0) * 50, (b1 - b0) * 50];
  const room = [297 - 2 * EDGE_MM, 210 - 2 * EDGE_MM - 16] as const;
  const left = EDGE_MM + (room[0] - wide) / 2 + (0 - a0) * 50;
  const foot = 210 - (210 - EDGE_MM) + (room[1] - tall) / 2;
  const rodY = foot + (b1 + 0.09 + 0.14 + 0.04) * 50;
  const edgeAt = (near: number): number => {
    const xs = Array.from({ length: 41 }, (_, i) => near + (i - 20) / PX_MM);
    const dark = xs.filter((x) => page.at(x, rodY) < 170);
    return dark.reduce((sum, x) => sum + x, 0) / Math.max(1, dark.length);
  };
  expect(edgeAt(left + 150) - edgeAt(left)).toBeGreaterThan(149.8);
  expect(edgeAt(left + 150) - edgeAt(left)).toBeLessThan(150.2);
});

test('scales are read as a joiner writes them', () => {
  expect(readScale('1:10')).toBe(10);
  expect(readScale(' 1 : 20 ')).toBe(20);
  expect(readScale('3/4 in to the foot')).toBe(16);
  expect(readScale('1 in to the foot')).toBe(12);
  expect(readScale('1 1/2 in to the foot')).toBe(8);
  expect(readScale('half size')).toBeNull();
  expect(readScale('1:0')).toBeNull();
  expect([10, 16, 33].map(scaleName)).toEqual(['1:10', '3/4 in to the foot', '1:33']);
});

test('what is larger than a sheet falls on several that share a strip, and nothing falls between', () => {
  expect(tilesOf([100, 100], [180, 260])).toHaveLength(1);
  const tiles = tilesOf([500, 260], [180, 260]);
  expect(tiles.map((t) => t.fromXMm)).toEqual([0, 170, 340]);
  expect((tiles.at(-1)?.fromXMm ?? 0) + 180).toBeGreaterThanOrEqual(500);
});

test('every view is drawn as a picture and as a print', async () => {
  const plan = sample('tamar-flats');
  for (const view of VIEWS) {
    const png = await drawnFile(plan, { ...ask, view, format: 'png' }, fonts);
    expect([...png.subarray(1, 4)]).toEqual([80, 78, 71]);
    const pdf = await drawnFile(
      plan,
      { ...ask, view, format: 'pdf', paper: 'letter', scale: 16 },
      fonts,
    );
    expect(text(pdf.subarray(0, 5))).toBe('%PDF-');
  }
});

test('every letter that is written on paper and in pictures is in the fonts that come with the program', () => {
  const figures = fontkit.create(fonts().figures as Buffer);
  const strange = (words: string): string[] =>
    [...words].filter((c) => !figures.hasGlyphForCodePoint(c.codePointAt(0) ?? 0));
  for (const units of ['metric', 'imperial'] as const) {
    const plan: Plan = {
      ...sample('osk-landing'),
      units,
      run: {
        lengthM: 4,
        widthM: 2,
        roof: 'full',
        eavesM: 0.2,
        skirtingM: 0.3,
        solidSides: ['front'],
        cover: 'mesh13',
        pastimes: 1,
      },
    };
    const assessment = assess(plan, { on: DAY });
    const sheets = [
      ...VIEWS.map((view) => sheetOf(plan, assessment, view, 20)),
      runSheet(plan, assessment, 20),
    ];
    const onSheets = sheets.flatMap(
      (s) => s?.layers.flatMap((l) => l.texts.map((t) => t.text)) ?? [],
    );
    const onRods = rodsOf(plan, assessment).flatMap((r) => r.marks.map((m) => m.words));
    expect(onSheets.length).toBeGreaterThan(20);
    expect([...onSheets, ...onRods].flatMap(strange)).toEqual([]);
  }
});

test.each(['svg', 'dxf', 'png', 'pdf'] as const)(
  'the run is drawn as %s too, and its length can be read from it',
  async (format) => {
    const plan: Plan = {
      ...sample('pell-garth'),
      run: {
        lengthM: 5,
        widthM: 2,
        roof: 'none',
        eavesM: 0,
        skirtingM: 0,
        solidSides: [],
        cover: 'netting',
        pastimes: 0,
      },
    };
    const file = await drawnFile(plan, { ...ask, view: 'run', format }, fonts);
    expect(file.length).toBeGreaterThan(1000);
    if (format === 'svg') expect(text(file)).toContain('5.00 m long');
    if (format === 'dxf') {
      const read = new DxfParser().parseSync(text(file));
      const lines = (read?.entities ?? []).filter(
        (e): e is ILwpolylineEntity => e.type === 'LWPOLYLINE' && e.layer === 'STICKS',
      );
      const long = lines.map((l) => Math.abs((l.vertices[1]?.x ?? 0) - (l.vertices[0]?.x ?? 0)));
      expect(Math.max(...long)).toBeCloseTo(5000, 1);
    }
  },
);
