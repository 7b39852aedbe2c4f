import { Head, usePoll } from '@inertiajs/react';
import type { MeetingView } from '../../generated/props';
import { Minutes } from '../../parts/meeting/Minutes';
import { Room } from '../../parts/meeting/Room';

/** A meeting that runs, or its minutes once it is closed. */
export default function Meeting({ page }: { page: MeetingView }) {
    return (
        <>
            <Head title={page.series.title} />
            {page.closedAt === null ? <Running page={page} /> : <Minutes page={page} />}
        </>
    );
}

/** Everybody sees the same state within seconds. */
function Running({ page }: { page: MeetingView }) {
    usePoll(4000, { only: ['page', 'errors'] });

    return <Room page={page} />;
}
