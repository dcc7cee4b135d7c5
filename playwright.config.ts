import { defineConfig } from '@playwright/test';

const port = 8199;

export default defineConfig({
    testDir: 'e2e',
    // A busy machine of two cores is slow, not wrong.
    timeout: 120_000,
    expect: { timeout: 25_000 },
    fullyParallel: false,
    workers: 1,
    retries: process.env.CI ? 1 : 0,
    reporter: [['list']],
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: '--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync'.split(' '),
        },
    },
    webServer: { command: `bash e2e/support/serve.sh ${port}`, url: `http://127.0.0.1:${port}/up`, reuseExistingServer: false, timeout: 180_000 },
});
