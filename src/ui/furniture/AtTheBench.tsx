'use client';
import type { StationId } from '@/core/kernel/finding';
import type { ToldRuleId } from '@/core/rules/rules.data';
import { useAssessment, usePlan } from '../session/bench';
import { FigureList } from './FigureList';
import { Fold } from './Fold';

interface Measures {
  /** Rules by what they are called here. */
  readonly rules: readonly (readonly [name: string, fact: ToldRuleId])[];
  readonly says: string;
}

/** Measures for the bench that no drawing shows. */
const AT_THE_BENCH: Partial<Record<StationId, Measures>> = {
  nests: {
    rules: [
      ['Board along the front, to hold the bedding', 'nests.lip.board'],
      ['Landing rail in front of the lip, at least', 'nests.rail.near'],
      ['and at most', 'nests.rail.far'],
      ['Curtain, open at its foot by', 'nests.curtain.gap'],
    ],
    says: 'Make dividers, floors and liners lift out: then they get cleaned.',
  },
  shell: {
    rules: [
      ['Mesh, screw to screw along every edge, at most', 'mesh.screws'],
      ['Mesh against mice, weasels and snakes', 'mesh.apertureSmall'],
      ['High perch in the run, from the mesh', 'run.perch.mesh'],
      ['Winter windscreen on the run, open at its top', 'run.screen.gap'],
    ],
    says: 'Use screws with washers, or screw battens over the edge. Where foxes, dogs or badgers force mesh, fix thicker wire outside it. Fine mesh is not strong mesh.',
  },
  door: {
    rules: [['Cleat, wide and high', 'door.cleat.size']],
    says: 'Use screws shorter than the boards together, so that no point comes through.',
  },
};

/** What the keeper wants to know with the saw in hand; nothing where nothing of it is built. */
export function AtTheBench({ station }: { station: StationId }) {
  const { figures } = useAssessment();
  const { fixtures } = usePlan();
  const own = AT_THE_BENCH[station];
  if (!own) return null;
  const ramps = fixtures.flatMap((f) =>
    station === 'door' && f.kind === 'popDoor' && f.ramp !== null
      ? [{ name: `${f.name}: cleat to cleat, at most`, id: `door.${f.id}.ramp.pitch` }]
      : [],
  );
  const rules = own.rules.map(([name, fact]) => ({ name, id: `fact.${fact}` }));
  const lines = [...ramps, ...rules].filter((l) => figures.has(l.id));
  if (lines.length === 0) return null;
  return (
    <Fold title="At the bench">
      <FigureList rows={lines} />
      <p className="text-[0.84rem] text-soft" data-reason>
        {own.says}
      </p>
    </Fold>
  );
}
