'use client';
import { Snowflake } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useOpener } from '../forms/useOpener';
import { FigureList } from '../furniture/FigureList';
import { Fold } from '../furniture/Fold';
import { useAssessment, usePlan, useWorked } from '../session/bench';

const FrostDialog = dynamic(() => import('./FrostDialog').then((m) => m.FrostDialog));

/** How soon each drinker freezes, and the way to what keeps it open. */
export function FrostPart() {
  const { fixtures, rain } = usePlan();
  const { figures } = useAssessment();
  const worked = useWorked();
  const { open, button, show, close } = useOpener();
  const rows = fixtures.flatMap((f) =>
    f.kind === 'drinker'
      ? [
          { name: `${f.name}, first ice after`, id: `water.frost.${f.id}.zero` },
          { name: 'and blocked after', id: `water.frost.${f.id}.blocked` },
        ]
      : [],
  );
  const ofRain =
    rain === null
      ? []
      : [
          { name: 'Line, first ice after', id: 'water.frost.line.zero' },
          { name: 'and blocked after', id: 'water.frost.line.blocked' },
          { name: 'Barrel, first ice after', id: 'water.frost.barrel.zero' },
          { name: 'and blocked after', id: 'water.frost.barrel.blocked' },
        ];
  if (!rows.some((r) => figures.get(r.id))) return null;
  return (
    <Fold title="Frost">
      <FigureList rows={[...rows, ...ofRain]} />
      <button ref={button} type="button" className="button w-fit" onClick={show}>
        <Snowflake size={15} aria-hidden /> Compare what keeps it open
      </button>
      {open && worked ? <FrostDialog close={close} /> : null}
    </Fold>
  );
}
