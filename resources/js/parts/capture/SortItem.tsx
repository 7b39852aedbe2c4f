import { Link, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useEffect, useRef, useState } from 'react';
import { Answer, Question } from './Answer';
import { Came } from './Came';
import { SplitItem } from './SplitItem';
import { SortFor } from './SortFor';
import { NO_DAY, SortWhen } from './SortWhen';
import { Understood } from '../signs/Understood';
import { ReturnDate } from './ReturnDate';
import type { Tray, TrayItem } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { useForm } from '../../lib/kept/useForm';
import { withoutJots } from '../../lib/jots';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { useReadLine } from '../../lib/useReadLine';
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

/** How long the title of a task can be. */
const TITLE = 200;

/** One thing to sort: the sentence as it was typed, what was understood of it, and three questions. */
export function SortItem({ item, page, number, onSkip, onSorted }: Props) {
    const reading = useReadLine(item.words, { on: item.jottedOn, lines: [item.line], refused: item.refused, chosen: item.chosen });
    const line = reading.lines[0] ?? item.line;
    const of = (kind: string) => line.pieces.find((piece) => piece.kind === kind);
    const [isSplitting, setSplitting] = useState(false);
    const [isNaming, setNaming] = useState(false);
    const form = useForm(`sorting jot ${String(item.id)}`, {
        title: '',
        owner_id: '',
        // What came back about something is for that, unless it is said otherwise.
        project: item.returned?.kind === 'project' ? String(item.returned.aboutId) : '',
        goal: item.returned?.kind === 'goal' ? String(item.returned.aboutId) : '',
        planned: '',
        isDone: false,
    });
    const { data } = form;
    const { frame } = usePage().props;
    const me = String(frame?.me.id ?? '');
    const today = frame?.today ?? '';
    const heading = useRef<HTMLHeadingElement>(null);
    const meant = of('planned')?.value ?? '';
    const place = of('for')?.choices.find((choice, _, all) => all.length === 1 || choice.value === reading.chosen[of('for')?.key ?? '']);
    const planned = data.planned === '' ? meant : data.planned;
    const title = data.title === '' ? line.title.slice(0, TITLE) : data.title;
    // The sentence is the title, until something of it is understood or it is edited.
    const hasTitle = isNaming || line.pieces.length > 0 || data.title !== '';
    // What is next has the focus, wherever it was: nothing is sorted by a key that nobody can see the place of.
    useEffect(() => {
        heading.current?.focus();
    }, []);

    const plan = (value: string) => {
        form.setData({ ...data, planned: data.planned === value ? '' : value, isDone: false });
    };
    // The next one stands there at once; what is refused comes back, with what was chosen.
    const save = () => {
        act(
            'post',
            route('jots.task', item.id),
            {
                title,
                ...(data.owner_id !== '' && { owner_id: data.owner_id }),
                project: data.project,
                goal: data.goal,
                planned: data.planned === NO_DAY ? '' : data.planned,
                isDone: data.isDone,
                refused: [...reading.said.refused, ...(data.planned === NO_DAY && meant !== '' ? [of('planned')?.key ?? ''] : [])],
                chosen: reading.said.chosen,
            },
            {
                guess: withoutJots([item.id]),
                onDone: () => {
                    form.reset();
                },
            },
        );
        onSorted(title);
    };
    const drop = () => {
        act('delete', route('jots.destroy', item.id), {}, { guess: withoutJots([item.id]) });
        onSorted(`Deleted: ${item.words}`);
    };
    const keys = {
        mine: () => {
            form.setData('owner_id', me);
        },
        done: () => {
            form.setData({ ...data, isDone: !data.isDone });
        },
        name: () => {
            setNaming(true);
        },
        split: () => {
            setSplitting(true);
        },
    };

    useKeys({
        'Ctrl Enter': { words: 'Save and go to the next', run: save },
        ArrowDown: { words: 'Skip', run: onSkip },
        m: { words: 'I do it', run: keys.mine },
        c: { words: 'Split into several', run: keys.split },
        e: { words: 'Edit the title', run: keys.name },
        Delete: { words: 'Delete', run: drop },
    });

    return (
        <article aria-label="To sort">
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
                        <Answer name="e" onChoose={keys.name}>
                            edit the title
                        </Answer>
                    )}
                    <Answer name="c" onChoose={keys.split}>
                        split
                    </Answer>
                </span>
            </p>
            <h1 ref={heading} tabIndex={-1} className="mt-1 whitespace-pre-line outline-none [overflow-wrap:anywhere]">
                {item.words}
            </h1>
            {hasTitle && (
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
            )}
            <Question words="Who does it?">
                <Answer
                    name="m"
                    isChosen={data.owner_id === me || (data.owner_id === '' && of('owner') === undefined)}
                    onChoose={keys.mine}
                >
                    I do
                </Answer>
                <WordSelect
                    label="Somebody else"
                    value={data.owner_id}
                    onChange={(owner) => {
                        form.setData('owner_id', owner);
                    }}
                    none={of('owner')?.choices[0]?.label ?? 'somebody else'}
                    options={page.people.map((person) => ({ value: String(person.id), label: person.name }))}
                />
                <span className="text-ink-2">or nobody, and</span>
                {page.of === null && <ReturnDate kind="idea" id={item.id} words="shelve" keyName="s" guess={withoutJots([item.id])} />}
                <Answer name="Del" onChoose={drop}>
                    delete
                </Answer>
            </Question>
            <SortFor
                item={item}
                title={title}
                page={page}
                read={place?.label}
                place={{ project: data.project, goal: data.goal }}
                onPlace={(chosen) => {
                    form.setData({ ...data, ...chosen });
                }}
                onSorted={onSorted}
            />
            <SortWhen page={page} planned={planned} isDone={data.isDone} onPlan={plan} onDone={keys.done} />
            <div className="flex justify-end border-t border-hairline pt-3">
                <Button kind="main" keys="Ctrl ↵" onClick={save}>
                    Save and next
                </Button>
            </div>
            <SplitItem item={item} isOpen={isSplitting} onOpenChange={setSplitting} />
        </article>
    );
}
