import '@fontsource-variable/bricolage-grotesque/wght.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css';
import './globals.css';
import type { Metadata, Viewport } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { FocusKept } from '@/ui/keys/FocusKept';
import { asTheme, THEME_COOKIE } from '@/ui/theme/theme';
import { LETTERS } from './fonts';

export const metadata: Metadata = {
  title: { default: 'Wide Rafter', template: '%s · Wide Rafter' },
  description: 'Plans the inside of a backyard poultry coop, to scale and with reasons.',
};

/** Every page carries its own nonce, so none can be prerendered. */
export const dynamic = 'force-dynamic';

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const theme = asTheme((await cookies()).get(THEME_COOKIE)?.value);
  return (
    <html lang="en" data-theme={theme} className={LETTERS}>
      <body>
        {children}
        <FocusKept />
      </body>
    </html>
  );
}
