import { defineConfig } from '@playwright/test';

/**
 * Debian's Chromium without a window, which needs a quarter less of a machine; each worker against a server of its own with
 * the demo data freshly loaded.
 */
export default defineConfig({
    testDir: 'tests/browser',
    fullyParallel: true,
    workers: 2,
    maxFailures: process.env.CI === undefined ? 3 : 0,
    // On a busy machine a browser may stall once; what fails twice is broken.
    retries: process.env.CI === undefined ? 0 : 1,
    timeout: 120_000,
    expect: { timeout: 15_000 },
    reporter: [['list'], ['junit', { outputFile: 'storage/setup/playwright.xml' }]],
    use: {
        viewport: { width: 1280, height: 800 },
        // A colour on its way from light to dark is neither, and drawing it on its way takes time.
        contextOptions: { reducedMotion: 'reduce' },
        // A slow machine draws the year in its time: what does not come at all fails all the same.
        actionTimeout: 30_000,
        launchOptions: {
            executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                // Letters where they belong, as on a screen.
                '--font-render-hinting=none',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
});
