'use client';
import { useEffect, useMemo, useState } from 'react';

/** Reads tokens for a canvas, which can't read them by itself. */
export interface Inks {
  /** A colour, as the present light has it. */
  (token: string): string;
  /** Families of the letters that texts and figures are set in. */
  readonly letters: { readonly text: string; readonly figures: string };
}

function lettersOf(): Inks['letters'] {
  const probe = document.createElement('span');
  probe.className = 'figures';
  document.body.append(probe);
  const figures = getComputedStyle(probe).fontFamily;
  probe.remove();
  return { text: getComputedStyle(document.body).fontFamily, figures };
}

/** Reads a colour token as the present light has it. */
function inkOf(token: string): string {
  const probe = document.createElement('span');
  probe.style.color = `var(${token})`;
  document.body.append(probe);
  const colour = getComputedStyle(probe).color;
  probe.remove();
  return colour;
}

/** A reader of tokens that is another one whenever the light changes. */
export function useInks(): Inks {
  const [light, setLight] = useState(0);
  useEffect(() => {
    const changed = (): void => setLight((n) => n + 1);
    const system = matchMedia('(prefers-color-scheme: dark)');
    system.addEventListener('change', changed);
    const byHand = new MutationObserver(changed);
    byHand.observe(document.documentElement, { attributeFilter: ['data-theme'] });
    return () => {
      system.removeEventListener('change', changed);
      byHand.disconnect();
    };
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a change of light asks for a new reader
  return useMemo(
    () => Object.assign((token: string) => inkOf(token), { letters: lettersOf() }),
    [light],
  );
}
