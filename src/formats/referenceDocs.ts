import { PULLET_TABLE } from '@/core/birds/feed';
import { METRES_PER_FOOT } from '@/core/kernel/units/factors.data';
import type { UnitSystem } from '@/core/kernel/units/length';
import { BREEDS } from '@/core/model/breeds.data';
import { CLASSES } from '@/core/model/classes.data';
import { CLIMATES } from '@/core/model/climates.data';
import { WITHOUT_REMEDY } from '@/core/remedies/without';
import { RULE_BOOK, topicById } from '@/core/rules/book';
import { BEDDING, COVER_ROWS, type Sizes, SKINS, TIMBERS } from '@/core/rules/materials.data';
import { RULES, type RuleId } from '@/core/rules/rules.data';
import { SOURCES } from '@/core/rules/sources.data';
import { UNWORKED } from '@/core/rules/unworked.data';
import { LAMPS, MEAT_SPACE_STEPS, SPACE_STEPS } from '@/core/stations/brooder/broods';
import { anomalyOf } from '@/core/weather/normals';
import { EGG_COLOUR_NAMES } from '@/text/breeds';
import { EVIDENCE_NAMES } from '@/text/evidence';
import { FINDING_WORDS } from '@/text/findings';
import { inBoth } from '@/text/inUnits';
import { LINE_NAMES } from '@/text/lineNames.data';
import { RULE_WORDS } from '@/text/ruleWords.data';
import { sayRule } from '@/text/say';
import { TOPIC_NAMES } from '@/text/topics';
import { WORKINGS } from '@/text/workings';
import { MADE, round, row, table, until } from './docTable';
import { figuresDoc } from './figuresDoc';
import { planJsonSchema } from './planSchemaJson';

/** Every reference document by its path in the project. */
export function referenceDocs(): Record<string, string> {
  return {
    'docs/rules.md': rulesDoc(),
    'docs/figures.md': figuresDoc(),
    'docs/findings.md': findingsDoc(),
    'docs/plan.schema.json': `${JSON.stringify(planJsonSchema(), null, 2)}\n`,
  };
}

function rulesDoc(): string {
  const schools = RULE_BOOK.topics.map((topic) => {
    const rows = RULE_BOOK.rows
      .filter((r) => r.topic === topic.id)
      .map((r) => {
        const { param, unit, defaultRule } = topicById(RULE_BOOK, r.topic);
        const value =
          param === null
            ? Object.entries(r.params)
                .map(([k, v]) => `${k} ${round(v)}`)
                .join(', ')
            : `${round(r.params[param] ?? 0)} ${unit}`;
        const note = r.comparisonOnly ? 'to compare' : r.id === defaultRule ? 'default' : '';
        return row(
          `\`${r.id}\``,
          inBoth(r.school),
          value,
          r.scale,
          EVIDENCE_NAMES[r.evidence],
          `\`${r.source}\``,
          note,
          inBoth(r.why),
        );
      });
    return `### ${TOPIC_NAMES[topic.id] ?? topic.id}\n\n${table(['id', 'rule', 'value', 'scales', 'evidence', 'source', '', 'why'], rows)}`;
  });
  const rules = (Object.keys(RULES) as RuleId[]).map((id) => {
    const { value, unit, scale, evidence, source } = RULES[id];
    const said = (units: UnitSystem): string | null =>
      evidence === 'keepers' && (unit === 'm' || unit === 'm2')
        ? sayRule(value, unit, units)
        : null;
    const forms = [said('metric'), said('imperial')].filter((w) => w !== null);
    return row(
      `\`${id}\``,
      RULE_WORDS[id],
      `${round(value)} ${unit === 'ratio' ? '' : unit}`.trim(),
      forms.join(' · '),
      scale,
      EVIDENCE_NAMES[evidence],
      `\`${source}\``,
      UNWORKED.some((told) => told === id) ? 'told only' : '',
    );
  });
  const pullets = PULLET_TABLE.map(([week, grams]) => row(week, grams));
  const lamps = LAMPS.join(', ');
  const known = (value: number | null, times = 1): number | string =>
    value === null ? '–' : round(value * times);
  const materials = [...TIMBERS, ...SKINS].map((m) =>
    row(
      m.id,
      known(m.thicknessM, 1000),
      known(m.densityKgM3),
      known(m.uWM2K),
      known(m.stiffnessPa, 1e-9),
      known(m.allowedPa, 1e-6),
      stockWords(m.stock?.metric, (m) => `${round(m)} m`),
      stockWords(m.stock?.imperial, (m) => `${Math.round(m / METRES_PER_FOOT)} ft`),
      EVIDENCE_NAMES[m.evidence],
      `\`${m.source}\``,
    ),
  );
  const beddings = BEDDING.map((b) =>
    row(b.id, b.densityKgM3, b.holds, b.cn ?? '–', EVIDENCE_NAMES[b.evidence], `\`${b.source}\``),
  );
  const covers = COVER_ROWS.map((c) =>
    row(
      c.id,
      known(c.pitchM, 1000),
      known(c.thicknessM, 1000),
      round(c.free),
      known(c.kgM2),
      EVIDENCE_NAMES[c.evidence],
      `\`${c.source}\``,
    ),
  );
  const limits = CLASSES.map((c) =>
    row(
      `\`${c.id}\``,
      c.highestBarM,
      c.popDoorM.join(' × '),
      c.ramp[0],
      c.ramp[1],
      c.perPort,
      c.perPedal,
    ),
  );
  const space = [
    ...SPACE_STEPS.map((x, i) => row('layers', until(x.toDay, SPACE_STEPS[i - 1]?.toDay), x.m2)),
    ...MEAT_SPACE_STEPS.map((x, i) =>
      row('fast meat birds', until(x.toDay, MEAT_SPACE_STEPS[i - 1]?.toDay), x.m2),
    ),
  ];
  const classes = CLASSES.map((c) =>
    row(
      `\`${c.id}\``,
      Number.isFinite(c.belowKg) ? `under ${c.belowKg} kg` : 'and over',
      c.cockToHen,
      c.layWeeks.join('–'),
      c.nestBoxM.join(' × '),
      c.nestLipM.join('–'),
    ),
  );
  const breeds = BREEDS.map((b) =>
    row(
      b.name,
      b.kind,
      `${b.henKg} kg`,
      b.eggsYear,
      `${Math.round(b.eggKg * 1000)} g`,
      EGG_COLOUR_NAMES[b.eggColour],
      b.comb,
      b.flight,
      b.broodiness,
      b.coldHardy,
      b.heatHardy,
    ),
  );
  const climates = CLIMATES.map((c) => {
    const coldest = Math.min(...c.months.map((m) => m.minC));
    const hottest = Math.max(...c.months.map((m) => m.maxC));
    return row(
      `\`${c.id}\``,
      c.name,
      c.type,
      c.latitudeDeg,
      c.altitudeM,
      coldest,
      hottest,
      anomalyOf(c.months),
    );
  });
  const sources = SOURCES.map((s) => row(`\`${s.id}\``, s.title, s.detail));
  return [
    '# Rules',
    MADE,
    'Values are SI, for a medium hen of 2.2 kg; a length scales with (m/2.2)^(1/3), an area with (m/2.2)^(2/3).',
    '## Schools',
    ...schools,
    '## Classes of grown bird',
    table(
      [
        'class',
        'hen',
        'cock / hen',
        'first egg, weeks',
        'nest box w × d × h, m',
        'lip above litter, m',
      ],
      classes,
    ),
    '## Limits of the classes',
    'Hops stand under the rules of `roosts.hop`; highest bars, doors, ramps, ports and pedal lids are keepers’ rules (`keepers`).',
    table(
      [
        'class',
        'highest bar, m',
        'pop door w × h, m',
        'ramp, at most °',
        'ramp, at least m wide',
        'birds a port',
        'birds a pedal lid',
      ],
      limits,
    ),
    '## Single rules',
    'Distances and limits, and what the formulas of docs/figures.md multiply by. Where keepers say a length or an area in round numbers, both forms stand beside the value that decides.',
    table(['id', 'what it says', 'value', 'said as', 'scales', 'evidence', 'source', ''], rules),
    '## Feed of pullets',
    'Keepers’ rule (`keepers`, rearers’ tables): grams a bird a day of a pullet that will weigh 2.0 kg.',
    table(['week', 'g a day'], pullets),
    '## Lamps as sold',
    `${lamps} W (\`keepers\`).`,
    '## Materials',
    'Sizes in mm. A dash: nothing asks for it yet, or the notes of the trade have no figure.',
    table(
      [
        'material',
        'thick, mm',
        'kg/m³',
        'U, W/(m² K)',
        'stiffness, GPa',
        'allowed, MPa',
        'sold as',
        'sold as, in feet',
        'evidence',
        'source',
      ],
      materials,
    ),
    '## Bedding',
    table(['material', 'bulk, kg/m³', 'water held, kg/kg', 'C:N', 'evidence', 'source'], beddings),
    '## Covers of openings',
    'Free share of welded mesh is ((p − d)/p)²; a louvre leaves 0.5, an insect screen 0.6, a ridge vent 0.6 (`keepers`).',
    table(['cover', 'pitch, mm', 'wire, mm', 'free share', 'kg/m²', 'evidence', 'source'], covers),
    '## Room for chicks',
    'Keepers’ rule (`keepers`), m² a chick; layers scale with their adult mass to the power 2/3.',
    table(['kind', 'age, days', 'm²'], space),
    '## Breeds',
    'Masses from breed standards (`breed-standards`); eggs, temper and hardiness from keepers’ usage (`keepers`); strains differ. A keeper may change any of it for a group.',
    table(
      [
        'breed',
        'kind',
        'hen',
        'eggs a year',
        'egg',
        'colour',
        'comb',
        'flight',
        'broody',
        'cold',
        'heat',
      ],
      breeds,
    ),
    '## Climates',
    'Made-up places, each a type of climate (`wide-rafter`): coldest mean minimum and warmest mean maximum of a month, °C.',
    table(
      ['id', 'place', 'type', 'latitude', 'altitude, m', 'coldest', 'warmest', 'spread of days, K'],
      climates,
    ),
    '## Sources',
    table(['id', 'title', 'detail'], sources),
    '',
  ].join('\n\n');
}

/** Sections as sold, in mm, and lengths. */
function stockWords(sizes: Sizes | undefined, say: (m: number) => string): string {
  if (sizes === undefined) return '–';
  const across = sizes.sizesM.map((s) => s.map((m) => round(m * 1000)).join(' × ')).join(', ');
  const long = sizes.lengthsM.length === 0 ? '' : `; ${sizes.lengthsM.map(say).join(', ')}`;
  return `${across}${long}`;
}

function findingsDoc(): string {
  const rows = Object.entries(FINDING_WORDS).map(([code, w]) =>
    row(`\`${code}\``, w.title, w.text),
  );
  const without = Object.entries(WITHOUT_REMEDY).map(([code, why]) => row(`\`${code}\``, why));
  return [
    '# Findings',
    MADE,
    'Every finding the program can raise. `{name}` is one of its numbers, `{fixtures}` the names of its fixtures.',
    table(['code', 'title', 'words'], rows),
    '## Without a remedy',
    table(['code', 'why'], without),
    '',
  ].join('\n\n');
}

/** Names of lines that no working has: words left over. */
export function unusedLineNames(): string[] {
  const used = new Set<string>();
  for (const [key, spec] of Object.entries(WORKINGS)) {
    for (const line of Object.keys(spec.lines)) {
      used.add(LINE_NAMES[`${key}.${line}`] === undefined ? line : `${key}.${line}`);
    }
  }
  return Object.keys(LINE_NAMES).filter((name) => !used.has(name));
}
