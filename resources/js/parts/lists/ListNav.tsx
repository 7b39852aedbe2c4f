import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { listWords } from './words';
import type { ListCount, SavedTag, TaskList } from '../../generated/props';
import { route } from '../../lib/routes';

interface Props {
    lists: ListCount[];
    saved: SavedTag[];
    /** The address that is shown. */
    at: string;
}

/** What lists answer: three questions, each with its lists. */
const questions: { name: string; lists: TaskList[] }[] = [
    { name: 'By date', lists: ['late', 'today', 'week', 'ahead', 'undated'] },
    { name: 'Can start now', lists: ['gap', 'attention', 'place', 'helping'] },
    { name: 'Held up', lists: ['waiting', 'look_over', 'untouched'] },
];

/** An index above the list: the questions, then the lists of the one that is shown, and one’s own. */
export function ListNav({ lists, saved, at }: Props) {
    const countOf = (list: TaskList) => lists.find((each) => each.list === list)?.count ?? 0;
    const shown = questions.find((question) => question.lists.some((list) => route('lists', list) === at));

    return (
        <nav aria-label="Lists" className="px-6 pt-3 max-md:px-4">
            <div className="flex flex-wrap items-baseline gap-x-7 gap-y-1">
                {questions.map((question) => (
                    <Link
                        key={question.name}
                        href={route('lists', question.lists.find((list) => countOf(list) > 0) ?? question.lists[0])}
                        aria-current={question === shown ? 'true' : undefined}
                        className={clsx('text-lg', question === shown ? 'font-semibold' : 'text-ink-2 hover:text-ink')}
                    >
                        {question.name}
                    </Link>
                ))}
                <span className="ml-auto text-sm">
                    <Line href={route('lists', 'finished')} isOn={at === route('lists', 'finished')}>
                        Finished
                    </Line>
                </span>
            </div>
            <div className="mt-1 flex flex-wrap items-baseline gap-x-5 border-b border-rule pb-2 text-sm">
                {shown?.lists.map((list) => (
                    <Line key={list} href={route('lists', list)} isOn={at === route('lists', list)}>
                        {listWords[list].name}{' '}
                        <span className={clsx('font-mono text-xs', list === 'late' && countOf(list) > 0 && 'text-persimmon')}>
                            {countOf(list)}
                        </span>
                    </Line>
                ))}
                <span className="ml-auto flex flex-wrap items-baseline gap-x-5 max-md:ml-0">
                    {saved.length > 0 && <span className="text-xs text-ink-2">Saved:</span>}
                    {saved.map((each) => (
                        <Line key={each.id} href={route('saved.show', each.id)} isOn={at === route('saved.show', each.id)}>
                            {each.title}
                            {each.isShared && <span className="text-xs font-normal text-ink-2"> (shared)</span>}
                        </Line>
                    ))}
                    <Line href={route('saved.build')} isOn={at === route('saved.build')}>
                        New list
                    </Line>
                </span>
            </div>
        </nav>
    );
}

function Line({ href, isOn, children }: { href: string; isOn: boolean; children: ReactNode }) {
    return (
        <Link
            href={href}
            aria-current={isOn ? 'page' : undefined}
            className={clsx(
                'inline-flex min-h-6 items-baseline gap-1 pointer-coarse:min-h-11 pointer-coarse:items-center',
                isOn ? 'font-semibold' : 'text-ink-2 hover:text-ink',
            )}
        >
            {children}
        </Link>
    );
}
