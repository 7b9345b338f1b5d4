import type { AirOpening } from './schema';

/** Whether an opening is known to let air through on some day: what was not looked at is taken for shut. */
export const letsAir = ({ opens }: Pick<AirOpening, 'opens'>): boolean =>
  opens === 'open' || opens === 'closable';
