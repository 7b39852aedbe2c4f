import type { Frame } from './generated/props';

declare module '@inertiajs/core' {
    export interface InertiaConfig {
        sharedPageProps: {
            frame: Frame | null;
            change: { words: string; batch: string } | null;
            problem: string | null;
        };
    }
}
