import {
  type Finding,
  type FindingNumber,
  findingKey,
  type Severity,
  type Solid,
  type StationId,
  type When,
} from '../kernel/finding';
import type { Figure } from '../kernel/working';

/** What one rule finds: its findings, and the figures that they speak of. */
export interface Found {
  readonly figures: readonly Figure[];
  readonly findings: readonly Finding[];
}

export const NOTHING: Found = { figures: [], findings: [] };

/** What several rules find together. */
export const allFound = (all: readonly Found[]): Found => ({
  figures: all.flatMap((f) => f.figures),
  findings: all.flatMap((f) => f.findings),
});

/** A figure as a finding speaks of it. */
export const numberOf = (f: Figure): FindingNumber => ({
  value: f.value,
  unit: f.unit,
  figure: f.id,
});

/** Makes the findings of one station. */
export const findingOf =
  (station: StationId) =>
  (
    code: string,
    severity: Severity,
    fixtures: readonly string[],
    numbers: Finding['numbers'],
    zone: Solid | null,
    when: When | null = null,
  ): Finding => ({
    ...when,
    code,
    key: findingKey(code, fixtures),
    station,
    severity,
    fixtures,
    numbers,
    zone,
  });
