'use client';
import { Download } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';

const FACE = (
  <>
    <Download size={15} aria-hidden /> <span className="max-sm:sr-only">File</span>
  </>
);

const FileMenu = dynamic(() => import('./FileMenu').then((m) => m.FileMenu), {
  loading: () => (
    <button type="button" className="button" aria-haspopup="menu" aria-expanded="false">
      {FACE}
    </button>
  ),
});

/** Opens what can be taken out of the plan; the menu is loaded when it is first asked for. */
export function FileButton() {
  const [wanted, setWanted] = useState(false);
  if (wanted) return <FileMenu face={FACE} />;
  return (
    <button
      type="button"
      className="button"
      aria-haspopup="menu"
      aria-expanded="false"
      title="Take out or print"
      onClick={() => setWanted(true)}
    >
      {FACE}
    </button>
  );
}
