'use client';
import { Download } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { MenuFace } from '../forms/MenuFace';

const FACE = (
  <>
    <Download size={15} aria-hidden /> <span className="max-sm:sr-only">File</span>
  </>
);

const FileMenu = dynamic(() => import('./FileMenu').then((m) => m.FileMenu), {
  loading: () => <MenuFace>{FACE}</MenuFace>,
});

/** Opens what can be taken out of the plan. */
export function FileButton() {
  const [wanted, setWanted] = useState(false);
  if (wanted) return <FileMenu face={FACE} />;
  return (
    <MenuFace title="Take out or print" open={() => setWanted(true)}>
      {FACE}
    </MenuFace>
  );
}
