import type { Occurrence } from '../../generated/props';
import { hasPassed } from '../../lib/dates';

/** What became of a meeting so far, after its title: nothing while it is still to come. */
export function MeetingState({ meeting }: { meeting: Occurrence }) {
    const isOver = hasPassed(meeting.on, meeting.time, meeting.minutes);

    switch (meeting.state) {
        case 'closed':
            return <span className="font-normal text-ink-2">, minutes final</span>;
        case 'running':
            return <span className="font-normal text-chalk">{isOver ? ', still open: close it' : ', in progress'}</span>;
        default:
            return isOver ? <span className="font-normal text-ink-2">, not held</span> : null;
    }
}
