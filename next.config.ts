import type { NextConfig } from 'next';

const config: NextConfig = {
  // what nobody has asked for yet is not loaded before the first page
  experimental: { preloadEntriesOnStart: false },
  serverExternalPackages: ['@electric-sql/pglite', 'piscina', 'tar'],
  poweredByHeader: false,
  devIndicators: false,
  // a browser that asks before it has read which icon there is
  rewrites: () => Promise.resolve([{ source: '/favicon.ico', destination: '/icon.svg' }]),
  turbopack: { root: import.meta.dirname },
};

export default config;
