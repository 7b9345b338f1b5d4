'use client';
import { Plus } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';

const FACE = (
  <>
    <Plus size={15} aria-hidden /> Add
  </>
);

const AddMenu = dynamic(() => import('./AddMenu').then((m) => m.AddMenu), {
  loading: () => (
    <button type="button" className="button" aria-haspopup="menu" aria-expanded="false">
      {FACE}
    </button>
  ),
});

/** Opens what can be put into the coop; the menu is loaded when it is first asked for. */
export function AddButton() {
  const [wanted, setWanted] = useState(false);
  if (wanted) return <AddMenu face={FACE} />;
  return (
    <button
      type="button"
      className="button"
      aria-haspopup="menu"
      aria-expanded="false"
      onClick={() => setWanted(true)}
    >
      {FACE}
    </button>
  );
}
