import { Link, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { route } from '../../lib/routes';

const places = [
    { words: 'Direction', href: route('direction'), pages: ['direction/Direction'] },
    { words: 'Areas and clients', href: route('areas.index'), pages: ['direction/Areas', 'direction/Area'] },
    { words: 'Shelf', href: route('shelf'), pages: ['direction/Shelf'] },
];

/** The pages of this room. */
export function Places() {
    const { component } = usePage();

    return (
        <nav aria-label="Pages of this room" className="mb-5 flex gap-5 text-sm">
            {places.map((place) => (
                <Link
                    key={place.words}
                    href={place.href}
                    aria-current={place.pages.includes(component) ? 'page' : undefined}
                    className={clsx('py-1', place.pages.includes(component) ? 'font-semibold' : 'text-ink-2 hover:text-ink')}
                >
                    {place.words}
                </Link>
            ))}
        </nav>
    );
}
