import { Head } from '@inertiajs/react';
import type { MeetingView } from '../../generated/props';
import { Minutes } from '../../parts/meetings/Minutes';
import { Room } from '../../parts/meetings/Room';

/** A meeting that runs, or its minutes once it is closed. */
export default function Meeting({ page }: { page: MeetingView }) {
    return (
        <>
            <Head title={page.series.title} />
            {page.closedAt === null ? <Room page={page} /> : <Minutes page={page} />}
        </>
    );
}
