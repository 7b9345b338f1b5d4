'use client';
import { Lamp, MonitorCog, Sun } from 'lucide-react';
import { useEffect, useState } from 'react';
import { asTheme, nextTheme, THEME_COOKIE, type Theme } from './theme';

const NAMES: Readonly<Record<Theme, string>> = {
  system: 'as the system',
  day: 'day',
  lamp: 'lamp',
};

const ICONS = { system: MonitorCog, day: Sun, lamp: Lamp } as const;

/** Changes how the screen is lit by hand: as the system, day, lamp. */
export function ThemeButton() {
  const [theme, setTheme] = useState<Theme>('system');
  useEffect(() => setTheme(asTheme(document.documentElement.dataset.theme)), []);
  const change = (): void => {
    const next = nextTheme(theme);
    setTheme(next);
    document.documentElement.dataset.theme = next;
    // biome-ignore lint/suspicious/noDocumentCookie: read by the server, so that the first paint is in the right light
    document.cookie = `${THEME_COOKIE}=${next}; path=/; max-age=31536000; samesite=strict`;
  };
  const Icon = ICONS[theme];
  return (
    <button
      type="button"
      className="icon-button"
      onClick={change}
      aria-label={`Screen: ${NAMES[theme]}. Change`}
      title={`Screen: ${NAMES[theme]}`}
    >
      <Icon size={17} aria-hidden />
    </button>
  );
}
