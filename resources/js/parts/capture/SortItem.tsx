import { Link, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useEffect, useRef } from 'react';
import { Answer, Question } from './Answer';
import { Came } from './Came';
import { SplitItem } from './SplitItem';
import { SortFor } from './SortFor';
import { SortWhen } from './SortWhen';
import { Understood } from '../signs/Understood';
import { ReturnDate } from './ReturnDate';
import { type Sorting, TITLE, useSorting } from './useSorting';
import type { Tray, TrayItem } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { withoutJots } from '../../lib/jots';
import { useKeys } from '../../lib/keys';
import { Button } from '../../ui/Button';
import { WordSelect } from '../../ui/Select';

interface Props {
    item: TrayItem;
    page: Tray;
    /** Among those that are to be sorted, from 1. */
    number: number;
    onSkip: () => void;
    onSorted: (words: string) => void;
}

/** One thing to sort: the sentence as it was typed, what was understood of it, and three questions. */
export function SortItem({ item, page, number, onSkip, onSorted }: Props) {
    const sorting = useSorting(item, onSorted);
    const { form, does, of, reading } = sorting;
    const heading = useRef<HTMLHeadingElement>(null);
    const place = of('for')?.choices.find((choice, _, all) => all.length === 1 || choice.value === reading.chosen[of('for')?.key ?? '']);

    // What is next has the focus, wherever it was: nothing is sorted by a key that nobody can see the place of.
    useEffect(() => {
        heading.current?.focus();
    }, []);

    useKeys({
        'Ctrl Enter': { words: 'Save and go to the next', run: does.save },
        ArrowDown: { words: 'Skip', run: onSkip },
        m: { words: 'I do it', run: does.mine },
        c: { words: 'Split into several', run: does.split },
        e: { words: 'Edit the title', run: does.name },
        Delete: { words: 'Delete', run: does.drop },
    });

    return (
        <article aria-label="To sort">
            <WhereInTheTray sorting={sorting} page={page} number={number} onSkip={onSkip} />
            <h1 ref={heading} tabIndex={-1} className="mt-1 whitespace-pre-line outline-none [overflow-wrap:anywhere]">
                {item.words}
            </h1>
            {sorting.hasTitle && <TitleLine sorting={sorting} />}
            <WhoDoesIt sorting={sorting} page={page} />
            <SortFor
                item={item}
                title={sorting.title}
                page={page}
                read={place?.label}
                place={{ project: form.data.project, goal: form.data.goal }}
                onPlace={form.setData}
                onSorted={onSorted}
            />
            <SortWhen page={page} planned={sorting.planned} isDone={form.data.isDone} onPlan={does.plan} onDone={does.done} />
            <div className="flex justify-end border-t border-hairline pt-3">
                <Button kind="main" keys="Ctrl ↵" onClick={does.save}>
                    Save and next
                </Button>
            </div>
            <SplitItem item={item} isOpen={sorting.isSplitting} onOpenChange={sorting.setSplitting} />
        </article>
    );
}

function WhereInTheTray({ sorting, page, number, onSkip }: { sorting: Sorting } & Pick<Props, 'page' | 'number' | 'onSkip'>) {
    const { item, hasTitle, does } = sorting;
    const today = usePage().props.frame?.today ?? '';

    return (
        <p className="flex flex-wrap items-baseline gap-x-3 text-xs text-ink-2">
            <strong className="text-base text-ink">
                {page.of === null ? (
                    'Tray'
                ) : (
                    <Link href={page.of.link} className="link">
                        {page.of.title}
                    </Link>
                )}
            </strong>{' '}
            {number} of {page.items.length},{' '}
            <span>
                {item.returned === null ? `written ${dayWords(item.jottedOn)}` : <Came returned={item.returned} today={today} />}
                {page.of !== null && ` by ${item.by}`}
            </span>
            <span className="ml-auto flex gap-x-4">
                {page.items.length > 1 && (
                    <Answer name="↓" onChoose={onSkip}>
                        skip
                    </Answer>
                )}
                {!hasTitle && (
                    <Answer name="e" onChoose={does.name}>
                        edit the title
                    </Answer>
                )}
                <Answer name="c" onChoose={does.split}>
                    split
                </Answer>
            </span>
        </p>
    );
}

function TitleLine({ sorting: { form, reading, title, isNaming } }: { sorting: Sorting }) {
    return (
        <div className="mt-3 border-t border-rule py-2">
            <input
                aria-label="Title"
                autoFocus={isNaming}
                maxLength={TITLE}
                value={title}
                onChange={(event) => {
                    form.setData('title', event.target.value);
                }}
                className={clsx(
                    'w-full border-b border-transparent bg-transparent py-1',
                    'text-md font-semibold hover:border-hairline focus:border-rule',
                )}
            />
            <Understood reading={reading} />
        </div>
    );
}

function WhoDoesIt({ sorting: { item, form, of, does, isMine }, page }: { sorting: Sorting; page: Tray }) {
    return (
        <Question words="Who does it?">
            <Answer name="m" isChosen={isMine} onChoose={does.mine}>
                I do
            </Answer>
            <WordSelect
                label="Somebody else"
                value={form.data.owner_id}
                onChange={(owner) => {
                    form.setData('owner_id', owner);
                }}
                none={of('owner')?.choices[0]?.label ?? 'somebody else'}
                options={page.people.map((person) => ({ value: String(person.id), label: person.name }))}
            />
            <span className="text-ink-2">or nobody, and</span>
            {page.of === null && <ReturnDate kind="idea" id={item.id} words="shelve" keyName="s" guess={withoutJots([item.id])} />}
            <Answer name="Del" onChoose={does.drop}>
                delete
            </Answer>
        </Question>
    );
}
