import { climateOf } from './weatherAnswer';

const months = Array.from({ length: 12 }, (_, m) => `${2 + m}\t${m - 3}\t${7 + m}`).join('\n');

test('the weather is a climate by name, twelve months as pasted, or not said', () => {
  expect(climateOf(null, 'metric')).toEqual({ ok: true, value: null });
  expect(climateOf('wet-upland', 'metric')).toMatchObject({
    ok: true,
    value: { source: { kind: 'shipped', id: 'wet-upland' } },
  });
  const pasted = climateOf({ normals: months }, 'metric');
  expect(pasted).toMatchObject({ ok: true, value: { source: { kind: 'normals' } } });
  expect(
    pasted.ok && pasted.value?.source.kind === 'normals' && pasted.value.source.months,
  ).toHaveLength(12);
});

test('months that cannot be read are told of', () => {
  expect(climateOf({ normals: 'warm, then cold' }, 'metric').ok).toBe(false);
  expect(climateOf({ normals: '' }, 'metric').ok).toBe(false);
});
