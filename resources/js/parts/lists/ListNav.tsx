import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { listWords } from './words';
import type { ListCount, SavedTag } from '../../generated/props';
import { route } from '../../lib/routes';
import { WordSelect } from '../../ui/WordSelect';

interface Props {
    lists: ListCount[];
    saved: SavedTag[];
    /** The address that is shown. */
    at: string;
}

/** All lists with their counts, the saved ones below. */
export function ListNav({ lists, saved, at }: Props) {
    const option = (value: string, label: string) => ({ value, label, group: null });
    // Where there is no room for all of them, they are one choice.
    const options = [
        ...lists.map((each) => option(route('lists', each.list), `${listWords[each.list].name}, ${String(each.count)}`)),
        ...saved.map((each) => option(route('saved.show', each.id), each.title)),
        option(route('saved.build'), 'New list'),
    ];

    return (
        <>
            <p className="px-7 pt-4 max-md:px-4 lg:hidden">
                <WordSelect
                    label="List"
                    options={options}
                    value={at}
                    onChoose={(address) => {
                        router.visit(address ?? at);
                    }}
                />
            </p>
            <nav aria-label="Lists" className="border-r border-hairline py-5 max-lg:hidden">
                <ul>
                    {lists.map((each, place) => (
                        <li key={each.list} className={clsx(place === 5 && 'mt-3 border-t border-hairline pt-3')}>
                            <Line href={route('lists', each.list)} isOn={at === route('lists', each.list)}>
                                {listWords[each.list].name}
                                <span className={clsx('font-mono text-xs', each.list === 'late' && each.count > 0 && 'text-persimmon')}>
                                    {each.count}
                                </span>
                            </Line>
                        </li>
                    ))}
                </ul>
                <ul className="mt-3 border-t border-hairline pt-3">
                    {saved.map((each) => (
                        <li key={each.id}>
                            <Line href={route('saved.show', each.id)} isOn={at === route('saved.show', each.id)}>
                                <span className="min-w-0 break-words">{each.title}</span>
                                {each.isShared && <span className="flex-none text-xs font-normal text-ink-2">shared</span>}
                            </Line>
                        </li>
                    ))}
                    <li>
                        <Line href={route('saved.build')} isOn={at === route('saved.build')}>
                            New list
                        </Line>
                    </li>
                </ul>
            </nav>
        </>
    );
}

function Line({ href, isOn, children }: { href: string; isOn: boolean; children: ReactNode }) {
    return (
        <Link
            href={href}
            aria-current={isOn ? 'page' : undefined}
            className={clsx(
                'flex min-h-8 items-baseline justify-between gap-3 border-l-3 px-5 py-1 pointer-coarse:min-h-11 pointer-coarse:items-center',
                isOn ? 'border-ink font-semibold' : 'border-transparent text-ink-2 hover:text-ink',
            )}
        >
            {children}
        </Link>
    );
}
