import { Head } from '@inertiajs/react';
import type { MinutesView } from '../../generated/props';
import { Minutes as Text } from '../../parts/meetings/minutes/Minutes';

/** The minutes of a closed meeting. */
export default function Minutes({ page }: { page: MinutesView }) {
    return (
        <>
            <Head title={`Minutes of ${page.minutes.title}`} />
            <Text page={page} />
        </>
    );
}
