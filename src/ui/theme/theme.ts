/** The light chosen by hand; `system` leaves it to the machine. */
export type Theme = 'system' | 'day' | 'lamp';

export const THEMES: readonly Theme[] = ['system', 'day', 'lamp'];

export const THEME_COOKIE = 'wide-rafter-theme';

/** A theme from what a browser sent; anything else is the system's. */
export const asTheme = (text: string | undefined): Theme =>
  THEMES.find((t) => t === text) ?? 'system';

export const nextTheme = (theme: Theme): Theme =>
  THEMES[(THEMES.indexOf(theme) + 1) % THEMES.length] ?? 'system';
