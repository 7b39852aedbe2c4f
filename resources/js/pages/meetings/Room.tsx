import { Head } from '@inertiajs/react';
import type { RoomView } from '../../generated/props';
import { Room as Running } from '../../parts/meetings/room/Room';

/** A meeting that runs. */
export default function Room({ page }: { page: RoomView }) {
    return (
        <>
            <Head title={page.series.title} />
            <Running key={page.id} page={page} />
        </>
    );
}
