/** What Playwright switches off by itself: the browser heeds only the last such list. */
const OFF_BY_DEFAULT = [
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsUpgrades',
  'HttpsFirstBalancedModeAutoEnable',
  'LensOverlay',
  'MediaRouter',
  'PaintHolding',
  'ThirdPartyStoragePartitioning',
  'AvoidCorsURLLoaderRestartOnRedirect',
  'OptimizationHints',
  'NetworkTimeServiceQuerying',
  'AimEnabled',
  'PreconnectToSearch',
];
/** Pages of the browser's own address bar, which it draws for every window nobody sees: 1.7 s of the processor each. */
const OWN_PAGES = ['WebUIOmniboxAimPopup', 'WebUIOmniboxPopup', 'WebUIOmniboxFullPopup', 'PreloadTopChromeWebUI', 'InitialWebUI', 'WebUIReloadButton'];

/** Debian's Chromium without a screen, a sandbox or any talk to the outside. */
export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    `--disable-features=${[...OFF_BY_DEFAULT, ...OWN_PAGES].join(',')}`,
  ],
};
