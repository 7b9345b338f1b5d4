import type { ReactNode } from 'react';

/** The button of a menu that has not been loaded yet: it is when it is first asked for. */
export function MenuFace({
  children,
  title,
  open,
}: {
  children: ReactNode;
  title?: string;
  open?: () => void;
}) {
  return (
    <button
      type="button"
      className="button"
      aria-haspopup="menu"
      aria-expanded="false"
      title={title}
      onClick={open}
    >
      {children}
    </button>
  );
}
