'use client';
import { ListTree } from 'lucide-react';
import dynamic from 'next/dynamic';
import { MenuFace } from '../../forms/MenuFace';
import { useBench } from '../../store/bench';
import { openThings, type ThingsPlace, useThings } from './things';

const FixtureTree = dynamic(() => import('./FixtureTree').then((m) => m.FixtureTree), {
  loading: () => <MenuFace>{<Face />}</MenuFace>,
});

/** Opens the list of all that stands in the coop. */
export function ThingsButton({ place }: { place: ThingsPlace }) {
  const open = useThings((s) => s.open === place);
  if (open) return <FixtureTree face={<Face />} />;
  return <MenuFace open={() => openThings(place)}>{<Face />}</MenuFace>;
}

function Face() {
  const n = useBench((s) => s.plan?.fixtures.length ?? 0);
  return (
    <>
      <ListTree size={15} aria-hidden /> Things <span className="figures">{n}</span>
    </>
  );
}
