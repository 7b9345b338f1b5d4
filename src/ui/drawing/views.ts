import type { View } from '@/core/drawing/shape';

/** Views in the order of the buttons: round the coop, then from above. */
export const VIEWS: readonly { readonly id: View; readonly name: string }[] = [
  { id: 'front', name: 'Front' },
  { id: 'right', name: 'Right' },
  { id: 'rear', name: 'Rear' },
  { id: 'left', name: 'Left' },
  { id: 'above', name: 'Above' },
];
