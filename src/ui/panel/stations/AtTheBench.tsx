'use client';
import type { StationId } from '@/core/finding';
import { useAssessment, usePlan } from '../../store/bench';
import { Part, ToldList } from './Told';

interface Line {
  readonly name: string;
  readonly id: string;
}

/** Measures for the bench that no drawing shows, with what is said of them. */
const AT_THE_BENCH: Partial<
  Record<StationId, { readonly lines: readonly Line[]; readonly says: string }>
> = {
  nests: {
    lines: [
      { name: 'Board along the front, to hold the bedding', id: 'fact.nests.lip.board' },
      { name: 'Landing rail before the lip, at least', id: 'fact.nests.rail.near' },
      { name: 'and at most', id: 'fact.nests.rail.far' },
      { name: 'Curtain, open at its foot by', id: 'fact.nests.curtain.gap' },
    ],
    says: 'Dividers, floors and liners that lift out are the ones that get cleaned.',
  },
  shell: {
    lines: [
      { name: 'Mesh, screw to screw along every edge, at most', id: 'fact.mesh.screws' },
      { name: 'Mesh against mice, weasels and snakes', id: 'fact.mesh.apertureSmall' },
      { name: 'High perch in the run, from the mesh', id: 'fact.run.perch.mesh' },
      { name: 'Winter windscreen on the run, open at its top', id: 'fact.run.screen.gap' },
    ],
    says: 'Screws with washers, or battens screwed down over the edge. Where foxes, dogs or badgers force mesh, a second of thicker wire goes outside it: a small aperture is not strength.',
  },
  door: {
    lines: [{ name: 'Cleat, wide and high', id: 'fact.door.cleat.size' }],
    says: 'Screws shorter than the boards together, so that no point comes through under a foot.',
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
  const lines = [...ramps, ...own.lines].filter((l) => figures.get(l.id));
  if (lines.length === 0) return null;
  return (
    <Part title="At the bench">
      <ToldList rows={lines} />
      <p className="text-[0.84rem] text-soft" data-reason>
        {own.says}
      </p>
    </Part>
  );
}
