export interface Breed {
  readonly id: string;
  readonly name: string;
  readonly kind: 'chicken' | 'duck';
  /** Adult hen's mass, kg. Source: breed standard weights, rounded. */
  readonly henKg: number;
}

/** By name. A keeper may change the mass for a group. */
export const BREEDS: readonly Breed[] = [
  { id: 'aylesbury', name: 'Aylesbury duck', kind: 'duck', henKg: 4.1 },
  { id: 'barnevelder', name: 'Barnevelder', kind: 'chicken', henKg: 2.7 },
  { id: 'brahma', name: 'Brahma', kind: 'chicken', henKg: 4.3 },
  { id: 'brown-hybrid', name: 'Brown hybrid layer', kind: 'chicken', henKg: 2.05 },
  { id: 'chantecler', name: 'Chantecler', kind: 'chicken', henKg: 2.95 },
  { id: 'fayoumi', name: 'Fayoumi', kind: 'chicken', henKg: 1.6 },
  { id: 'jersey-giant', name: 'Jersey Giant', kind: 'chicken', henKg: 4.5 },
  { id: 'khaki-campbell', name: 'Khaki Campbell duck', kind: 'duck', henKg: 2.1 },
  { id: 'leghorn', name: 'Leghorn', kind: 'chicken', henKg: 2.0 },
  { id: 'marans', name: 'Marans', kind: 'chicken', henKg: 3.0 },
  { id: 'orpington', name: 'Orpington', kind: 'chicken', henKg: 3.6 },
  { id: 'pekin-bantam', name: 'Pekin bantam', kind: 'chicken', henKg: 0.7 },
  { id: 'plymouth-rock', name: 'Plymouth Rock', kind: 'chicken', henKg: 3.4 },
  { id: 'rhode-island-red', name: 'Rhode Island Red', kind: 'chicken', henKg: 2.9 },
  { id: 'silkie', name: 'Silkie', kind: 'chicken', henKg: 1.3 },
  { id: 'sussex', name: 'Sussex', kind: 'chicken', henKg: 3.2 },
  { id: 'wyandotte', name: 'Wyandotte', kind: 'chicken', henKg: 2.75 },
];
