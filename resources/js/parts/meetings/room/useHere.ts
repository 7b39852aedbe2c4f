import { useEffect, useRef, useState } from 'react';
import type { HereNow } from '../../../generated/props';
import { flushLines, unsentLines } from '../../../lib/kept/lines';
import { tabName } from '../../../lib/queue/kept';
import { request } from '../../../lib/request';
import { route } from '../../../lib/routes';

/** How often a page says that it is there, in milliseconds; and while the meeting is about to be closed. */
const EVERY = 3000;
const CLOSELY = 1000;

/**
 * Says that this page is there and what it still holds, and hears who else is. Lines are sent at once when the meeting is closed.
 *
 * @param typed how many texts stand in fields and were not added
 */
export function useHere(meeting: number, typed: number): HereNow {
    const [now, setNow] = useState<HereNow>({ here: [], writing: [], isClosing: false });
    const { isClosing } = now;
    const unsent = useRef(typed);

    useEffect(() => {
        unsent.current = typed;
    }, [typed]);

    useEffect(() => {
        const say = (leaves: boolean) =>
            request('put', route('meetings.here', meeting), { browser: tabName(), unsent: unsentLines() + unsent.current, leaves });
        const tell = async () => {
            if (isClosing) {
                flushLines();
            }

            try {
                const response = await say(false);

                if (response.ok) {
                    setNow((await response.json()) as HereNow);
                }
            } catch {
                // Without a network it is said again in a moment.
            }
        };
        void tell();
        const timer = setInterval(() => void tell(), isClosing ? CLOSELY : EVERY);
        const leave = () => void say(true).catch(() => undefined);
        window.addEventListener('pagehide', leave);

        return () => {
            clearInterval(timer);
            window.removeEventListener('pagehide', leave);
        };
    }, [meeting, isClosing]);

    useEffect(
        () => () => {
            flushLines();
            void request('put', route('meetings.here', meeting), { browser: tabName(), unsent: 0, leaves: true }).catch(() => undefined);
        },
        [meeting],
    );

    return now;
}
