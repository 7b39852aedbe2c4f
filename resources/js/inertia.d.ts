import type { Frame, Option, PersonTag } from './generated/props';

declare module '@inertiajs/core' {
    export interface InertiaConfig {
        sharedPageProps: {
            /** Missing where nobody is signed in, and where there is no such address. */
            frame?: Frame | null;
            stamp: string;
            /** A token by which the page asks whether that is still so. */
            asks: string;
            /** The minute that it is in the workspace, HH:MM. */
            now: string;
            problem?: string | null;
            /** Projects that are open, once they were asked for. */
            places?: Option[];
            /** Goals that are open, once they were asked for. */
            served?: Option[];
            /** RecurringTasks kept for the team, once they were asked for. */
            shared?: Option[];
            /** People with an account, once they were asked for. */
            everybody?: PersonTag[];
        };
    }
}
