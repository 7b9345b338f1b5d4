import { LAYOUT_CASES, layoutsDoc } from './layoutsDoc';

test('the page of rough-outs draws every coop from above and from the front, and gives reasons for each', () => {
  const page = layoutsDoc();
  const sections = page.split('<section').slice(1);
  expect(sections).toHaveLength(LAYOUT_CASES.length);
  for (const [i, own] of sections.entries()) {
    expect([i, own.split('<svg').length - 1]).toEqual([i, 2]);
    expect([i, own.includes('<li')]).toEqual([i, true]);
  }
});
