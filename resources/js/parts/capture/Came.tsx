import { Link } from '@inertiajs/react';
import type { Returned } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** When and why something came back: "returned Wed 25 Nov at 16:30, about Moorings Orkney, again every month" */
export function Came({ returned, today }: { returned: Returned; today: string }) {
    return (
        <>
            {returned.on === today ? 'back today' : `back since ${dayWords(returned.on)}`}
            {returned.at !== null && ` at ${returned.at}`}
            {returned.about !== null && (
                <>
                    , about{' '}
                    {returned.link === null ? (
                        returned.about
                    ) : (
                        <Link href={returned.link} className="link">
                            {returned.about}
                        </Link>
                    )}
                </>
            )}
            {returned.rhythm !== null && `, again ${returned.rhythm}`}
        </>
    );
}
