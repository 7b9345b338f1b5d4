import { dayNumber, isDay } from '@/core/kernel/units/day';
import { MOST_AWAY_DAYS } from '@/core/stores/away/away';

/**
 * Why two days are no time away; null where they are.
 * @param leaves  first day away, as it was typed
 * @param back    the day of coming back, as it was typed
 */
export function wrongDates(leaves: string | null, back: string | null): string | null {
  if (!leaves || !back)
    return 'Say the first day away and the day of coming back: 2027-07-01 and 2027-07-12.';
  for (const day of [leaves, back]) {
    if (!isDay(day)) return `${day} is not a day. Write it as 2027-07-01.`;
  }
  const days = dayNumber(back) - dayNumber(leaves);
  if (days < 1) return `Coming back on ${back} is not after leaving on ${leaves}.`;
  return days > MOST_AWAY_DAYS
    ? `That is ${days} days. At most ${MOST_AWAY_DAYS} are looked at: take a shorter time.`
    : null;
}
