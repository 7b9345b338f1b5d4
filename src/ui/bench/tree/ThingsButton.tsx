'use client';
import { ListTree } from 'lucide-react';
import dynamic from 'next/dynamic';
import { MenuFace } from '../../forms/MenuFace';
import { openThings, type ThingsPlace, useThings } from './things';

const FACE = (
  <>
    <ListTree size={15} aria-hidden /> Things
  </>
);

const FixtureTree = dynamic(() => import('./FixtureTree').then((m) => m.FixtureTree), {
  loading: () => <MenuFace>{FACE}</MenuFace>,
});

/** Opens the list of all that stands in the coop. */
export function ThingsButton({ place }: { place: ThingsPlace }) {
  const open = useThings((s) => s.open === place);
  if (open) return <FixtureTree face={FACE} />;
  return <MenuFace open={() => openThings(place)}>{FACE}</MenuFace>;
}
