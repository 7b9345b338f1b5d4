'use client';
import { useCallback, useEffect, useState } from 'react';

/** Reads a colour token as the present light has it; a canvas can't read tokens by itself. */
function inkOf(token: string): string {
  const probe = document.createElement('span');
  probe.style.color = `var(${token})`;
  document.body.append(probe);
  const colour = getComputedStyle(probe).color;
  probe.remove();
  return colour;
}

/** A reader of colour tokens that is another one whenever the light changes. */
export function useInks(): (token: string) => string {
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
  return useCallback((token: string) => inkOf(token), [light]);
}
