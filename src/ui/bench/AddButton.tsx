'use client';
import { Plus } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { MenuFace } from '../forms/MenuFace';

const FACE = (
  <>
    <Plus size={15} aria-hidden /> Add
  </>
);

const AddMenu = dynamic(() => import('./AddMenu').then((m) => m.AddMenu), {
  loading: () => <MenuFace>{FACE}</MenuFace>,
});

/** Opens what can be put into the coop. */
export function AddButton() {
  const [wanted, setWanted] = useState(false);
  if (wanted) return <AddMenu face={FACE} />;
  return <MenuFace open={() => setWanted(true)}>{FACE}</MenuFace>;
}
