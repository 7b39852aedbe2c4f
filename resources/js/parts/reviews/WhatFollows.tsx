import { Link } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { RaiseForm } from '../meetings/RaiseAbout';
import type { FollowLine, PeriodTag } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { Menu, MenuItem } from '../../ui/Menu';

/** How often what one goes on with comes back; any other rhythm is set where the recurring task is. */
const rhythms = ['every week', 'every second week', 'every month', 'every quarter'];

/** One press makes a goal, a task, a recurring task or an issue of a line of what is started, stopped or continued. */
export function WhatFollows({ period, lines }: { period: PeriodTag; lines: FollowLine[] }) {
    return lines.length === 0 ? null : (
        <section className="mt-6 border-t border-rule pt-3 print:hidden">
            <h2 className="text-md">What follows</h2>
            <ul className="divide-y divide-hairline">
                {lines.map((line) => (
                    <li key={`${line.key} ${line.words}`} className="flex flex-wrap items-baseline gap-x-3 py-1.5">
                        <span className="min-w-48 flex-1 wrap-anywhere">
                            <span className="text-xs text-ink-2">{line.key}</span> {line.words}
                        </span>
                        <Became link={line.goal} words={`a goal of ${plannedWords(period.next)}`}>
                            <Button
                                kind="quiet"
                                onClick={() => {
                                    act('post', route('goals.store'), {
                                        title: line.words,
                                        period: period.next,
                                        measure: 'work',
                                        stay: true,
                                    });
                                }}
                            >
                                a goal of {plannedWords(period.next)}
                            </Button>
                        </Became>
                        <Became link={line.task} words="a task">
                            <Button
                                kind="quiet"
                                onClick={() => {
                                    act('post', route('tasks.store'), { title: line.words });
                                }}
                            >
                                a task
                            </Button>
                        </Became>
                        <Became link={line.recurring} words="a recurring task">
                            <Menu trigger={<Button kind="quiet">a recurring task</Button>}>
                                {rhythms.map((words) => (
                                    <MenuItem
                                        key={words}
                                        onSelect={() => {
                                            act('post', route('recurring-tasks.store'), {
                                                title: line.words,
                                                kind: 'task',
                                                words,
                                                stay: true,
                                            });
                                        }}
                                    >
                                        {words}
                                    </MenuItem>
                                ))}
                            </Menu>
                        </Became>
                        <Became link={line.issue} words="an issue">
                            <DialogButton words="an issue" kind="quiet" title="Raise an issue" size="l">
                                {(close) => <RaiseForm title={line.words} onDone={close} />}
                            </DialogButton>
                        </Became>
                    </li>
                ))}
            </ul>
        </section>
    );
}

function Became({ link, words, children }: { link: string | null; words: string; children: ReactNode }) {
    return link === null ? (
        children
    ) : (
        <Link href={link} className="link px-2 text-sm font-semibold">
            {words}
        </Link>
    );
}
