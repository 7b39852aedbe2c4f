import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

/** Tests of the front end that need no server: what the parts show, and what they send. */
export default defineConfig({
    plugins: [react()],
    test: {
        include: ['tests/front/**/*.test.{ts,tsx}'],
        setupFiles: 'tests/front/setup.ts',
        environment: 'jsdom',
        environmentOptions: { jsdom: { url: 'http://loftrin.test/week' } },
        restoreMocks: true,
        // Loading the application takes longer than its tests: each worker loads it once. What a test leaves behind, setup.ts takes away.
        isolate: false,
        maxWorkers: 2,
        // A machine under load takes longer: nothing here waits for the clock.
        testTimeout: 60_000,
    },
});
