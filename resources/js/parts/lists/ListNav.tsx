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
    /** What all that is shown comes to. */
    sum?: string;
}

interface Question {
    name: string;
    lists: TaskList[];
    /** Where all of its lists stand as one; otherwise the first that holds something is opened. */
    whole?: string;
}

/** What lists answer: three questions, each with its lists. */
const questions = (): Question[] => [
    { name: 'By date', lists: ['late', 'today', 'week', 'ahead', 'not_scheduled'], whole: route('lists') },
    { name: 'Can start now', lists: ['free_time', 'focus', 'place', 'helping'] },
    { name: 'Held up', lists: ['waiting', 'to_check', 'depends', 'no_activity'] },
];

/** An index above the list: the questions, then the lists of the one that is shown, and one’s own. */
export function ListNav({ lists, saved, at, sum }: Props) {
    const countOf = (list: TaskList) => lists.find((each) => each.list === list)?.count ?? 0;
    const addressOf = (question: Question) =>
        question.whole ?? route('lists.show', question.lists.find((list) => countOf(list) > 0) ?? question.lists[0] ?? 'free_time');
    const asked = questions();
    const shown = asked.find((question) => at === question.whole || question.lists.some((list) => route('lists.show', list) === at));

    return (
        <nav aria-label="Lists" className="px-6 pt-3 max-md:px-4">
            <div className="flex flex-wrap items-baseline gap-x-7 gap-y-1">
                {asked.map((question) => (
                    <Link
                        key={question.name}
                        href={addressOf(question)}
                        aria-current={question === shown ? 'true' : undefined}
                        className={clsx(
                            'text-lg pointer-coarse:py-2.5',
                            question === shown ? 'font-semibold' : 'text-ink-2 hover:text-ink',
                        )}
                    >
                        {question.name}
                    </Link>
                ))}
                <span className="ml-auto text-sm">
                    <Line href={route('lists.show', 'finished')} isOn={at === route('lists.show', 'finished')}>
                        Finished
                    </Line>
                </span>
            </div>
            <div className="mt-1 flex flex-wrap items-baseline gap-x-5 border-b border-rule pb-2 text-sm">
                {shown !== undefined && at !== shown.whole && (
                    <>
                        {shown.whole !== undefined && (
                            <Line href={shown.whole} isOn={false}>
                                ‹ All dates
                            </Line>
                        )}
                        {shown.lists.map((list) => (
                            <Line key={list} href={route('lists.show', list)} isOn={at === route('lists.show', list)}>
                                {listWords[list].name}{' '}
                                <span className={clsx('font-mono text-xs', list === 'late' && countOf(list) > 0 && 'text-persimmon')}>
                                    {countOf(list)}
                                </span>
                            </Line>
                        ))}
                    </>
                )}
                <span className={clsx('flex flex-wrap items-baseline gap-x-5', sum === undefined && 'ml-auto max-md:ml-0')}>
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
                {sum !== undefined && <span className="ml-auto text-ink-2">{sum}</span>}
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
