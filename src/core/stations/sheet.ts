import {
  type Finding,
  type FindingCode,
  type FindingNumber,
  findingKey,
  type Severity,
  type Solid,
  type StationId,
  type When,
} from '../kernel/finding';
import type { Kept } from '../kernel/memory';
import {
  type Basis,
  ENTERED,
  type Explained,
  type Figure,
  type Figures,
  figure,
  KEEPERS,
  type PartValue,
  UNITS,
  type Unit,
  type WorkingSpec,
} from '../kernel/working';
import { REFERENCE_HEN_KG } from '../model/classes.data';
import { fitM, scaleToBird } from '../rules/book';
import { RULES, ruled, type ToldRuleId } from '../rules/rules.data';
import { plainSpec, scaledParts, scaledSpec } from './shared.working';

/** A fact's value for a bird of this mass. */
export const factFor = (id: ToldRuleId, massKg = REFERENCE_HEN_KG): number =>
  scaleToBird(ruled(id), massKg, RULES[id].scale);

/** One working a unit, each with its key. */
const each = <K extends string>(
  prefix: string,
  spec: (unit: Unit) => Explained<K>,
): Record<Unit, WorkingSpec<K>> =>
  Object.fromEntries(UNITS.map((u) => [u, { ...spec(u), key: `${prefix}.${u}` }])) as Record<
    Unit,
    WorkingSpec<K>
  >;

const FACT_SPECS = each('fact', (unit) => plainSpec(unit, 'keepers'));
const SCALED_SPECS = each('scaled', (unit) => scaledSpec(unit, 'keepers'));
const ENTERED_SPECS = each('entered', (unit) => plainSpec(unit, 'entered'));
const FOUND_SPECS = each('found', (unit) => plainSpec(unit, 'found'));

const keyed = (specs: Record<Unit, WorkingSpec>): Record<string, WorkingSpec> =>
  Object.fromEntries(Object.values(specs).map((spec) => [spec.key, spec]));

/** Workings of figures that are a rule's value, what was typed, or found by counting. */
export const SHEET_WORKINGS: Readonly<Record<string, WorkingSpec>> = {
  ...keyed(FACT_SPECS),
  ...keyed(SCALED_SPECS),
  ...keyed(ENTERED_SPECS),
  ...keyed(FOUND_SPECS),
};

/**
 * How far droppings of birds of this mass fall to each side of a bar.
 * @example shadowReach(sheet, 2.2).value // 0.25
 */
export const shadowReach = (s: Sheet, massKg: number): FindingNumber =>
  s.found('roosts.shadow.reach', 'm', fitM('roosts.shadow', massKg), KEEPERS);

/** What a station finds. Its numbers name figures; those are made only where it is explained. */
export interface Sheet {
  readonly findings: readonly Finding[];
  /** A rule's value, for a bird of this mass where it scales. */
  fact(id: ToldRuleId, massKg?: number): FindingNumber;
  /** A rule of a class or school. */
  rule(id: string, unit: Unit, value: number, basis: Basis): FindingNumber;
  /** What the keeper typed. */
  entered(id: string, unit: Unit, value: number): FindingNumber;
  /** What was counted, looked up or found by search. */
  found(id: string, unit: Unit, value: number, basis: Basis): FindingNumber;
  worked<K extends string>(
    id: string,
    spec: WorkingSpec<K>,
    parts: Readonly<Record<NoInfer<K>, PartValue>>,
    basis: Basis,
  ): FindingNumber;
  find(
    code: FindingCode,
    severity: Severity,
    fixtures: readonly string[],
    numbers: Finding['numbers'],
    zone?: Solid | null,
    when?: When | string | null,
    /** What its key names where that is no fixture: groups. */
    about?: readonly string[],
  ): void;
  /** Figures that no finding needs: passed over while judging. */
  explain(make: () => void): void;
  /**
   * A part of the judging that is kept from one assessment to the next where nothing that it reads is another.
   * @param name   one name, one part of one station
   * @param reads  all that it reads beside `of`
   * @param of     the fixture it is about, where it is judged for each of many
   */
  part(name: string, reads: readonly unknown[], work: (own: Sheet) => void, of?: object): void;
}

/** A sheet on which a station judges: findings, and no figure. */
export function judgingSheet(station: StationId, kept: Kept): Sheet {
  const findings: Finding[] = [];
  const number = (figure: string, unit: Unit, value: number): FindingNumber => ({
    value,
    unit,
    figure,
  });
  return {
    findings,
    fact: (id, massKg) => {
      const { value, unit, scale } = RULES[id];
      if (scale === 'none') return number(`fact.${id}`, unit, value);
      const kg = massKg ?? REFERENCE_HEN_KG;
      return number(`fact.${id}.${Math.round(kg * 1000)}`, unit, scaleToBird(value, kg, scale));
    },
    rule: number,
    entered: number,
    found: number,
    worked: (id, { result, lines }, parts) =>
      number(id, lines[result].unit, parts[result] as number),
    find: (...found) => void findings.push(findingOf(station, ...found)),
    explain: () => undefined,
    part: (name, reads, work, of) => {
      const own = kept(
        name,
        reads,
        () => {
          const sheet = judgingSheet(station, kept);
          work(sheet);
          return sheet.findings;
        },
        of,
      );
      for (const f of own) findings.push(f);
    },
  };
}

/** A sheet that explains: every figure of a station by id, made with its working. */
export function explainingSheet(station: StationId): Sheet & { readonly figures: Figures } {
  const figures = new Map<string, Figure>();
  const findings: Finding[] = [];
  const put = (f: Figure): FindingNumber => {
    figures.set(f.id, f);
    return { value: f.value, unit: f.unit, figure: f.id };
  };
  const plain = (
    specs: typeof FACT_SPECS,
    id: string,
    unit: Unit,
    value: number,
    basis: Basis,
  ): FindingNumber => put(figure(id, specs[unit], { value }, basis));
  const sheet: Sheet & { readonly figures: Figures } = {
    figures,
    findings,
    fact: (id, massKg = REFERENCE_HEN_KG) => {
      const { value, unit, scale, evidence, source } = RULES[id];
      const basis = { evidence, source };
      if (scale === 'none') {
        return plain(FACT_SPECS, `fact.${id}`, unit, value, basis);
      }
      const grams = Math.round(massKg * 1000);
      const parts = scaledParts(value, massKg, scale, scaleToBird(value, massKg, scale));
      return put(figure(`fact.${id}.${grams}`, SCALED_SPECS[unit], parts, basis));
    },
    rule: (id, unit, value, basis) => plain(FACT_SPECS, id, unit, value, basis),
    entered: (id, unit, value) => plain(ENTERED_SPECS, id, unit, value, ENTERED),
    found: (id, unit, value, basis) => plain(FOUND_SPECS, id, unit, value, basis),
    worked: (id, spec, parts, basis) => put(figure(id, spec, parts, basis)),
    find: (...found) => void findings.push(findingOf(station, ...found)),
    explain: (make) => make(),
    part: (_name, _reads, work) => work(sheet),
  };
  return sheet;
}

function findingOf(
  station: StationId,
  code: FindingCode,
  severity: Severity,
  fixtures: readonly string[],
  numbers: Finding['numbers'],
  zone: Solid | null = null,
  when?: When | string | null,
  about: readonly string[] = fixtures,
): Finding {
  const told = typeof when === 'string' ? { from: when } : (when ?? {});
  return {
    code,
    key: findingKey(code, about),
    station,
    severity,
    fixtures,
    numbers,
    zone,
    ...told,
  };
}
