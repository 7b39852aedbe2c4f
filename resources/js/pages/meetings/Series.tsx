import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import type { SeriesView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords, hoursWords } from '../../lib/dates';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { zoneWords } from '../../lib/zones';
import { first } from '../../lib/words';
import { Section } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';
import { Agenda } from '../../parts/meetings/Agenda';
import { Planned } from '../../parts/meetings/Planned';
import { Points } from '../../parts/meetings/Points';
import { RaiseIssue } from '../../parts/meetings/RaiseIssue';
import { SeriesTray } from '../../parts/meetings/SeriesTray';
import { Button, ButtonLink } from '../../ui/Button';

/** A series with the agenda of its next meeting, worked out from what was raised so far. */
export default function Series({ page }: { page: SeriesView }) {
    const { series } = page;
    const [isEarly, setEarly] = useState(false);
    const open = () => {
        if (series.running !== null) {
            router.visit(route('meetings.show', series.running));
        } else if (series.next !== null) {
            // Before its day it is asked whether it is meant.
            const onRefused = () => {
                setEarly(true);
            };
            act('post', route('series.open', series.id), { on: series.next }, { onRefused });
        }
    };

    useKeys({ 'Ctrl Enter': { words: 'Start the meeting', run: open } });

    return (
        <div className="grid flex-1 grid-cols-[1fr_320px] max-lg:grid-cols-1">
            <Head title={series.title} />
            <div className="sheet-edge min-w-0">
                <When page={page} />
                <h1>{series.title}</h1>
                {page.changes !== null && (
                    <p className="text-xs text-ink-2">
                        From {dayWords(page.changes.from)} {page.changes.rule} at {page.changes.time}, {hoursWords(page.changes.minutes)}
                    </p>
                )}
                {series.purpose !== null && <p className="mt-1 max-w-prose text-ink-2">{series.purpose}</p>}
                <NextMeeting page={page} open={open} />
                {isEarly && series.next !== null && (
                    <Early
                        series={series.id}
                        on={series.next}
                        onCancel={() => {
                            setEarly(false);
                        }}
                    />
                )}
                <Agenda page={page} />
            </div>
            <BesideTheAgenda page={page} />
        </div>
    );
}

function When({ page }: { page: SeriesView }) {
    return (
        <p className="text-xs text-ink-2">
            {page.series.rule} at {page.series.time}
            {page.series.zone !== null && `, ${zoneWords(page.series.zone)} time`}, {hoursWords(page.series.minutes)}
            {page.series.isPrivate && ', private to its attendees'}
            {page.belongsTo.map(({ value, label }) => (
                <span key={value}>
                    ,{' '}
                    <Link href={value} className="link">
                        {label}
                    </Link>
                </span>
            ))}
        </p>
    );
}

function NextMeeting({ page, open }: { page: SeriesView; open: () => void }) {
    return (
        <div className="mt-5 flex flex-wrap items-end justify-between gap-4 border-t-2 border-ink pt-3">
            <div>
                <h2 className="text-lg">
                    {page.series.running !== null
                        ? 'In progress'
                        : page.series.next === null
                          ? 'No next meeting'
                          : `Next, ${dayWords(page.series.next)}`}
                </h2>
                <p className="text-xs text-ink-2">
                    {page.chair !== null && `${first(page.chair)} chairs`}
                    {page.minuteTaker !== null && `, ${first(page.minuteTaker)} takes the minutes`}
                </p>
            </div>
            {page.mayRun && (page.series.running !== null || page.series.next !== null) && (
                <Button kind="main" keys="Ctrl ↵" onClick={open}>
                    {page.series.running !== null ? 'Join' : 'Start the meeting'}
                </Button>
            )}
        </div>
    );
}

/** Before its day a meeting is started only if that is meant. */
function Early({ series, on, onCancel }: { series: number; on: string; onCancel: () => void }) {
    return (
        <p role="alert" className="mt-3 flex flex-wrap items-center gap-3 border-y border-ink py-2">
            This meeting is on {dayWords(on)}.
            <Button
                onClick={() => {
                    act('post', route('series.open', series), { on, early: true });
                }}
            >
                Start it now
            </Button>
            <Button kind="quiet" onClick={onCancel}>
                Cancel
            </Button>
        </p>
    );
}

function BesideTheAgenda({ page }: { page: SeriesView }) {
    return (
        <aside className="sheet-edge space-y-6 border-l border-hairline max-lg:border-0">
            <RaiseIssue series={page.series} projects={page.projects} goals={page.goals} />
            {page.followUps.length > 0 && (
                <Section title="Follow-ups" aside="late ones first">
                    <ul className="divide-y divide-hairline">
                        {page.followUps.map((task) => (
                            <TaskLine key={task.id} task={task} people={[]} showsOwner isCompact />
                        ))}
                    </ul>
                </Section>
            )}
            <Section title="Attendees">
                <p>{[...page.attendees.map((person) => person.name), ...page.guests].join(', ')}</p>
                {page.against.map((words) => (
                    <p key={words} className="mt-1 text-xs font-semibold text-persimmon">
                        {words}
                    </p>
                ))}
            </Section>
            <Points points={page.points} people={page.attendees} />
            <SeriesTray page={page} />
            <Planned page={page} />
            <PastMeetings page={page} />
            <div className="flex flex-wrap items-center gap-3">
                {page.mayChange && <ButtonLink href={route('series.edit', page.series.id)}>Edit</ButtonLink>}
                <Link href={route('series.record', page.series.id)} className="link">
                    How these meetings go
                </Link>
                {page.series.next !== null && (
                    <a href={route('series.calendar', page.series.id)} className="link">
                        Next as .ics
                    </a>
                )}
            </div>
        </aside>
    );
}

function PastMeetings({ page }: { page: SeriesView }) {
    return (
        <Section title="Past meetings">
            {page.held.length === 0 && <p className="text-xs text-ink-2">None yet.</p>}
            <ul className="max-h-64 overflow-y-auto">
                {page.held.map((meeting) => (
                    <li key={meeting.on} className="py-0.5">
                        <Link href={meeting.link} className="hover:underline">
                            {dayWords(meeting.on)}
                        </Link>
                    </li>
                ))}
            </ul>
            {page.held.length < page.series.held && (
                <Link href={route('series.show', { series: page.series.id, _query: { all: 1 } })} preserveScroll className="text-xs link">
                    {page.series.held - page.held.length} earlier meetings
                </Link>
            )}
        </Section>
    );
}
