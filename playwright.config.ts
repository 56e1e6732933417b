import { defineConfig } from '@playwright/test';

const wide = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

export default defineConfig({
  testDir: 'e2e',
  workers: 1,
  timeout: 60_000,
  forbidOnly: true,
  use: {
    baseURL: process.env.NIMSY_TEST_URL,
    locale: 'en-GB',
    trace: 'off',
    launchOptions: {
      executablePath: process.env.NIMSY_CHROMIUM ?? '/usr/bin/chromium',
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
    { name: 'wide', use: { viewport: wide } },
    { name: 'phone', use: { viewport: phone, hasTouch: true } },
  ],
});
