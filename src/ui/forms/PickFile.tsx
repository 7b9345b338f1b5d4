'use client';
import { Upload } from 'lucide-react';
import { useRef } from 'react';

/** A button that lets a keeper choose a file: the same one again, too. */
export function PickFile({
  name,
  field,
  accept,
  take,
}: {
  /** What the button says. */
  name: string;
  /** What the field is called for those who do not see it. */
  field: string;
  accept: string;
  take: (file: File) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const button = useRef<HTMLButtonElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        aria-label={field}
        tabIndex={-1}
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          event.currentTarget.value = '';
          // the chooser has gone: what comes of it is gone on from here
          button.current?.focus();
          if (file) take(file);
        }}
      />
      <button ref={button} type="button" className="button" onClick={() => input.current?.click()}>
        <Upload size={15} aria-hidden /> {name}
      </button>
    </>
  );
}
