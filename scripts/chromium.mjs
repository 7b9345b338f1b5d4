// How Debian's Chromium is started for tests, pictures and the bench.

/** What is turned off: the browser's own pages behind its address bar cost each new window as much as a page of ours. */
const OFF = [
  ...['WebUIOmniboxPopup', 'WebUIOmniboxAimPopup', 'AimEnabled', 'PreconnectToSearch'],
  // the driver turns these off too; the last list counts
  ...['AvoidUnnecessaryBeforeUnloadCheckSync', 'DestroyProfileOnBrowserClose', 'HttpsUpgrades'],
  ...['HttpsFirstBalancedModeAutoEnable', 'MediaRouter', 'PaintHolding', 'OptimizationHints'],
  ...['ThirdPartyStoragePartitioning', 'NetworkTimeServiceQuerying'],
];

export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-dev-shm-usage',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-component-update',
    '--no-first-run',
    `--disable-features=${OFF.join(',')}`,
  ],
};
