'use client';
import { createContext, type ReactNode, useContext } from 'react';

/** A fixture or group that fields belong to. */
interface Thing {
  readonly id: string;
  readonly name: string;
}

const ThingContext = createContext<Thing | null>(null);

/** Fields below belong to this thing: their buttons are named after it. */
export function OfThing({ id, name, children }: Thing & { children: ReactNode }) {
  return <ThingContext value={{ id, name }}>{children}</ThingContext>;
}

/** The fold that fields below stand in. */
export const InFold = createContext<string | null>(null);

export const useThing = (): Thing | null => useContext(ThingContext);

/** What a step up and a step down of a field are called. */
const STEPS: Readonly<Record<string, readonly [up: string, down: string]>> = {
  Length: ['Longer', 'Shorter'],
  Width: ['Wider', 'Narrower'],
  'Height above litter': ['Higher', 'Lower'],
  'Lip above litter': ['Higher', 'Lower'],
  'Rim above litter': ['Higher', 'Lower'],
  'Top above litter': ['Higher', 'Lower'],
  'Sill above the floor': ['Higher', 'Lower'],
};

/**
 * The name of a button that steps a field, one of its own for every button on a page.
 * @example stepName('Length', 1, 'Rear bar') // 'Longer: Rear bar'
 * @example stepName('Brackets', -1, 'Rear bar') // 'Less: Brackets, Rear bar'
 */
export function stepName(label: string, sign: 1 | -1, thing: string | undefined): string {
  const own = STEPS[label];
  if (own && thing) return `${own[sign > 0 ? 0 : 1]}: ${thing}`;
  return `${sign > 0 ? 'More' : 'Less'}: ${thing ? `${label}, ${thing}` : label}`;
}
