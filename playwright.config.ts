import { defineConfig } from '@playwright/test';

const [name = '', value = ''] = (process.env.NIMSY_TEST_COOKIE ?? '').split('=');
/** Everybody is the firm’s owner, unless an errand steps in as somebody else. */
const owner = {
  name,
  value,
  domain: '127.0.0.1',
  path: '/',
  expires: -1,
  httpOnly: true,
  secure: false,
  sameSite: 'Lax' as const,
};
const wide = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

export default defineConfig({
  testDir: 'e2e',
  workers: 1,
  // A run of its own beside others must not wipe what they write.
  outputDir: `test-results/${process.env.NIMSY_TEST_URL?.split(':').at(-1) ?? 'alone'}`,
  timeout: 60_000,
  forbidOnly: true,
  use: {
    baseURL: process.env.NIMSY_TEST_URL,
    storageState: { cookies: [owner], origins: [] },
    locale: 'en-GB',
    trace: 'off',
    launchOptions: {
      executablePath: process.env.NIMSY_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: [
    // Each screen is loaded once and looked at in both sizes. What is done at a desk has the tag @desk, what a hand or the
    // way to a case brings about @hand; an errand that is neither is run in each.
    { name: 'screens', testMatch: 'screens.spec.ts', use: { viewport: wide } },
    { name: 'wide', testIgnore: 'screens.spec.ts', grepInvert: /@hand/, use: { viewport: wide } },
    {
      ...{ name: 'phone', testIgnore: 'screens.spec.ts', grepInvert: /@desk/ },
      use: { viewport: phone, hasTouch: true },
    },
  ],
});
