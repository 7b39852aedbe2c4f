import { useEffect, useRef, useState } from 'react';
import { Answer, Question } from './Answer';
import { SplitItem } from './SplitItem';
import { Understood, valueWords } from './Understood';
import { ReturnDate } from './ReturnDate';
import { type Place, ToPlace } from '../ToPlace';
import type { DayRoom, Tray, TrayItem } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords, hoursWords, plannedWords, weekdayNumber } from '../../lib/dates';
import { useForm } from '../../lib/kept/useForm';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { useReadLine } from '../../lib/useReadLine';
import { Button } from '../../ui/Button';
import { WordSelect } from '../../ui/Select';

interface Props {
    item: TrayItem;
    page: Tray;
    /** Among those that are to be sorted, from 0. */
    place: number;
    onSkip: () => void;
    onSorted: (words: string) => void;
}

/** How long the title of a task can be. */
const TITLE = 200;

/** One thing to sort: the sentence as it was typed, what was understood of it, and three questions. */
export function SortItem({ item, page, place, onSkip, onSorted }: Props) {
    const reading = useReadLine(item.words, { on: item.jottedOn, lines: [item.line], refused: item.refused });
    const line = reading.lines[0] ?? item.line;
    const of = (kind: string) => line.pieces.find((piece) => piece.kind === kind);
    const [isPlacing, setPlacing] = useState(false);
    const [isSplitting, setSplitting] = useState(false);
    const [isNaming, setNaming] = useState(false);
    const form = useForm(`sorting jot ${String(item.id)}`, {
        title: '',
        owner_id: '',
        project: '',
        goal: '',
        planned: '',
        isDone: false,
    });
    const { data } = form;
    const heading = useRef<HTMLHeadingElement>(null);
    const meant = of('planned')?.value ?? '';
    const planned = data.planned === '' ? meant : data.planned;
    const title = data.title === '' ? line.title.slice(0, TITLE) : data.title;
    // The sentence is the title, until something of it is understood or it is edited.
    const hasTitle = isNaming || line.pieces.length > 0 || data.title !== '';
    const times: { key: string; value: string; words: string; left?: string }[] = [
        ...page.days.map((day) => ({ key: String(weekdayNumber(day.on)), value: day.on, words: dayWords(day.on), left: room(day) })),
        { key: 'w', value: page.thisWeek, words: 'this week, no day' },
        {
            key: 'k',
            value: page.nextWeek,
            words: plannedWords(page.nextWeek),
            ...(page.nextFree !== null && page.nextFree > 0 && { left: hoursWords(page.nextFree) }),
        },
    ];
    const isElsewhere = planned !== '' && !data.isDone && times.every((time) => time.value !== planned);

    // What is next has the focus, wherever it was: nothing is sorted by a key that nobody can see the place of.
    useEffect(() => {
        heading.current?.focus();
    }, []);

    const plan = (value: string) => {
        form.setData({ ...data, planned: data.planned === value ? '' : value, isDone: false });
    };
    const save = () => {
        form.post(route('jots.task', item.id), {
            as: () => ({
                title,
                ...(data.owner_id !== '' && { owner_id: data.owner_id }),
                project: data.project,
                goal: data.goal,
                planned: data.planned === 'none' ? '' : data.planned,
                isDone: data.isDone,
                refused: [...reading.said.refused, ...(data.planned === 'none' && meant !== '' ? [of('planned')?.key ?? ''] : [])],
                chosen: reading.said.chosen,
            }),
            preserveScroll: true,
            onSuccess: () => {
                onSorted(title);
            },
        });
    };
    const drop = () => {
        act(
            'delete',
            route('jots.destroy', item.id),
            {},
            {
                onDone: () => {
                    onSorted(`Deleted: ${item.words}`);
                },
            },
        );
    };
    const keys = {
        mine: () => {
            form.setData('owner_id', '');
        },
        done: () => {
            form.setData({ ...data, isDone: !data.isDone });
        },
        place: () => {
            setPlacing(true);
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
        p: { words: 'Choose a project or goal', run: keys.place },
        c: { words: 'Split into several', run: keys.split },
        e: { words: 'Edit the title', run: keys.name },
        d: { words: 'Done already', run: keys.done },
        x: { words: 'Delete', run: drop },
        '0': {
            words: 'No day yet',
            run: () => {
                plan('none');
            },
        },
        ...Object.fromEntries(
            times.map((time) => [
                time.key,
                {
                    words: `Plan for ${time.words}`,
                    run: () => {
                        plan(time.value);
                    },
                },
            ]),
        ),
    });

    return (
        <article aria-label="To sort">
            <p className="flex flex-wrap items-baseline gap-x-3 text-xs text-ink-2">
                <strong className="text-base text-ink">Tray</strong> {place + 1} of {page.items.length}, written {dayWords(item.jottedOn)}
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
                        className="w-full border-b border-transparent bg-transparent py-1 text-md font-semibold hover:border-hairline focus:border-rule"
                    />
                    <Understood reading={reading} />
                </div>
            )}
            <Question words="Who does it?">
                <Answer name="m" isChosen={data.owner_id === '' && of('owner') === undefined} onChoose={keys.mine}>
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
                <span className="text-ink-2">nobody:</span>
                <ReturnDate kind="idea" id={item.id} words="shelve" keyName="s" />
                <Answer name="x" onChoose={drop}>
                    delete
                </Answer>
            </Question>
            <Question words="What is it for?">
                {of('for') !== undefined && data.project === '' && data.goal === '' && (
                    <span className="font-semibold">{of('for')?.choices[0]?.label}</span>
                )}
                <Answer name="p" isChosen={data.project !== '' || data.goal !== ''} onChoose={keys.place}>
                    {of('for') === undefined ? 'a project or goal' : 'another project or goal'}
                </Answer>
                {(data.project !== '' || data.goal !== '') && (
                    <Button
                        kind="quiet"
                        onClick={() => {
                            form.setData({ ...data, project: '', goal: '' });
                        }}
                    >
                        Remove
                    </Button>
                )}
            </Question>
            <Question words="When?">
                {times.map((time) => (
                    <Answer
                        key={time.key}
                        name={time.key}
                        isChosen={planned === time.value && !data.isDone}
                        onChoose={() => {
                            plan(time.value);
                        }}
                    >
                        {time.words} {time.left !== undefined && <span className="text-xs font-normal text-ink-2">{time.left}</span>}
                    </Answer>
                ))}
                {isElsewhere && planned !== 'none' && <strong>{valueWords({ kind: 'planned', value: planned })}</strong>}
                <Answer
                    name="0"
                    isChosen={data.planned === 'none'}
                    onChoose={() => {
                        plan('none');
                    }}
                >
                    no day yet
                </Answer>
                <Answer name="d" isChosen={data.isDone} onChoose={keys.done}>
                    done already
                </Answer>
            </Question>
            {Object.values(form.errors).map((why) => (
                <p key={why} className="text-sm font-medium text-persimmon">
                    {why}
                </p>
            ))}
            <div className="flex justify-end border-t border-hairline pt-3">
                <Button kind="main" keys="Ctrl ↵" disabled={form.processing} onClick={save}>
                    Save and next
                </Button>
            </div>
            <ToPlace
                isOpen={isPlacing}
                onOpenChange={setPlacing}
                hasGoals
                onChoose={({ project, goal }: Place) => {
                    form.setData({ ...data, project: project ?? '', goal: goal ?? '' });
                    setPlacing(false);
                }}
            />
            <SplitItem item={item} isOpen={isSplitting} onOpenChange={setSplitting} />
        </article>
    );
}

const room = (day: DayRoom) => (day.free > 0 ? hoursWords(day.free) : 'full');
