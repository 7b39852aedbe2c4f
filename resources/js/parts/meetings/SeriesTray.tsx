import { Link } from '@inertiajs/react';
import { AddLine } from '../fields/AddLine';
import { Section } from '../signs/Section';
import type { SeriesView } from '../../generated/props';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';

/** What came in for the meeting and is not an issue yet: anybody who knows of the meeting sorts it. */
export function SeriesTray({ page }: { page: SeriesView }) {
    const form = useForm(`jot for series ${String(page.series.id)}`, { words: '' });

    return (
        <Section title="Tray" aside="to sort before the meeting">
            <AddLine words="What has come in?" maxLength={2000} {...addingLines(form, 'words', route('series.jot', page.series.id))} />
            {page.tray > 0 && (
                <Link href={route('series.tray', page.series.id)} className="link">
                    Sort {count(page.tray, 'thing')}
                </Link>
            )}
        </Section>
    );
}
