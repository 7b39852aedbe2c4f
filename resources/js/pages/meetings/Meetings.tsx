import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { count, rankWords } from '../../lib/words';
import type { Meetings as MeetingsProps, Occurrence, SeriesRow } from '../../generated/props';
import { dayWords, hasPassed, hoursWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { zoneWords } from '../../lib/zones';
import { Empty, Section } from '../../parts/signs/Section';
import { ButtonLink } from '../../ui/Button';

export default function Meetings({ page }: { page: MeetingsProps }) {
    return (
        <div className="sheet-edge">
            <Head title="Meetings" />
            <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
                <h1>Meetings</h1>
                <span className="flex gap-2">
                    <ButtonLink kind="quiet" href={route('decisions.index')}>
                        Decisions and minutes
                    </ButtonLink>
                    <ButtonLink href={route('series.create')}>New meeting</ButtonLink>
                </span>
            </div>
            <div className="grid grid-cols-[3fr_2fr] gap-x-12 gap-y-8 max-lg:grid-cols-1">
                <div className="min-w-0 space-y-6">
                    {page.running.map((meeting) => (
                        <p key={meeting.link} className="flex flex-wrap items-center justify-between gap-4 border-y-2 border-ink py-2">
                            <span>
                                <strong>{meeting.title}</strong>{' '}
                                <span className="text-chalk">
                                    {isLeft(meeting)
                                        ? `of ${dayWords(meeting.on)} is still open: close it`
                                        : `in progress since ${meeting.time}`}
                                </span>
                            </span>
                            <ButtonLink kind="main" href={meeting.link}>
                                {isLeft(meeting) ? 'Open it' : 'Join now'}
                            </ButtonLink>
                        </p>
                    ))}
                    <Next page={page} />
                </div>
                <div className="space-y-6">
                    <Section title="Yours in the next two weeks">
                        <Dates meetings={page.coming} none="No other meetings in the next two weeks." />
                    </Section>
                    <Section title="Past meetings">
                        <Dates meetings={page.held} none="No past meetings yet." />
                    </Section>
                </div>
                <Section title="Recurring meetings" className="col-span-full">
                    {page.series.length === 0 && (
                        <Empty>A recurring meeting keeps its attendees, its standing agenda and the issues raised since last time.</Empty>
                    )}
                    <ul className="divide-y divide-hairline">
                        {page.series.map((series) => (
                            <Series key={series.id} series={series} />
                        ))}
                    </ul>
                </Section>
            </div>
        </div>
    );
}

/** The next meeting, large: when it is, what is on, what will not fit. */
/** Whether a meeting that nobody has closed is of an earlier day. */
const isLeft = (meeting: Occurrence) => hasPassed(meeting.on, '24:00', 0);

function Next({ page: { next, agenda } }: { page: MeetingsProps }) {
    if (next === null) {
        return <Empty>No meetings in the next two weeks.</Empty>;
    }

    const wontFit = agenda?.wontFit ?? [];

    return (
        <section aria-label="Next meeting" className="min-w-0 border-t-2 border-ink pt-3">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-xl">
                    <Link href={next.link} className="hover:underline">
                        {next.title}
                    </Link>
                </h2>
                <span className="font-mono text-md">
                    {dayWords(next.on)} {next.time}
                    {agenda !== null && `–${agenda.ends}`}
                </span>
            </div>
            {agenda !== null && (
                <ol className="mt-2">
                    {agenda.items.map((item) => (
                        <li
                            data-line
                            key={`${item.at} ${item.title}`}
                            className="flex items-baseline gap-4 border-b border-hairline py-1.5"
                        >
                            <span className="w-12 flex-none font-mono text-xs text-ink-2">{item.at}</span>
                            <span className={clsx('min-w-0 flex-1', item.kind === 'issue' && 'font-semibold')}>
                                {item.title}
                                {item.issue !== null && (
                                    <span className="ml-3 text-xs font-normal text-ink-2">{rankWords(item.issue.rank)}</span>
                                )}
                            </span>
                            <span className="flex-none text-xs text-ink-2">{item.who}</span>
                            <span className="w-20 flex-none text-right font-mono text-xs text-ink-2">{hoursWords(item.minutes)}</span>
                        </li>
                    ))}
                </ol>
            )}
            {wontFit.length > 0 && (
                <p className="mt-2 text-sm">
                    <span className="font-semibold text-persimmon">{count(wontFit.length, 'issue')} will not fit:</span>{' '}
                    {wontFit.map((issue) => issue.title).join(', ')}
                </p>
            )}
            <p className="mt-3">
                <ButtonLink kind="main" href={next.link}>
                    Open the agenda
                </ButtonLink>
            </p>
        </section>
    );
}

function Series({ series }: { series: SeriesRow }) {
    return (
        <li data-line className="grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)_auto] items-baseline gap-x-6 py-2 max-md:grid-cols-1">
            <span>
                <Link href={route('series.show', series.id)} className="font-semibold hover:underline">
                    {series.title}
                </Link>
                <span className="block text-xs text-ink-2">
                    {series.rule} at {series.time}
                    {series.zone !== null && `, ${zoneWords(series.zone)} time`}, {hoursWords(series.minutes)}
                    {series.isPrivate && ', private to its attendees'}
                </span>
            </span>
            <span className="text-ink-2">{series.purpose}</span>
            <span className="text-xs text-ink-2">
                {series.running !== null ? (
                    <ButtonLink kind="main" href={route('meetings.show', series.running)}>
                        Join now
                    </ButtonLink>
                ) : (
                    `${count(series.openIssues, 'issue')} waiting, ${String(series.held)} held`
                )}
            </span>
        </li>
    );
}

function Dates({ meetings, none }: { meetings: Occurrence[]; none: string }) {
    return meetings.length === 0 ? (
        <p className="text-ink-2">{none}</p>
    ) : (
        <ul className="divide-y divide-hairline">
            {meetings.map((meeting) => (
                <li data-line key={`${meeting.link} ${meeting.on}`} className="flex items-baseline gap-4 py-1.5">
                    <span className="w-20 flex-none font-mono text-xs">{dayWords(meeting.on)}</span>
                    <span className="w-11 flex-none font-mono text-xs text-ink-2">{meeting.time}</span>
                    <Link href={meeting.link} className="hover:underline">
                        {meeting.title}
                    </Link>
                </li>
            ))}
        </ul>
    );
}
