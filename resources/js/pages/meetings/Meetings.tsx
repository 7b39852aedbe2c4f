import { count } from '../../lib/words';
import { Head, Link } from '@inertiajs/react';
import type { Meetings as MeetingsProps, Occurrence, SeriesRow } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/Section';
import { ButtonLink } from '../../ui/Button';

export default function Meetings({ page }: { page: MeetingsProps }) {
    return (
        <div className="px-6 py-5 max-md:px-4">
            <Head title="Meetings" />
            <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
                <h1>Meetings</h1>
                <ButtonLink kind="main" href={route('series.create')}>
                    New recurring meeting
                </ButtonLink>
            </div>
            <div className="grid grid-cols-[3fr_2fr] gap-10 max-lg:grid-cols-1">
                <div className="space-y-6">
                    {page.series.length === 0 && (
                        <Empty>A recurring meeting keeps its attendees, its standing agenda and the issues raised since last time.</Empty>
                    )}
                    {page.series.map((series) => (
                        <Series key={series.id} series={series} />
                    ))}
                </div>
                <div className="space-y-6">
                    <Section title="Yours in the next two weeks">
                        <Dates meetings={page.coming} none="No meetings in the next two weeks." />
                    </Section>
                    <Section title="Past meetings">
                        <Dates meetings={page.held} none="No past meetings yet." />
                    </Section>
                </div>
            </div>
        </div>
    );
}

function Series({ series }: { series: SeriesRow }) {
    return (
        <section className="border-t-2 border-ink pt-3">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-lg">
                    <Link href={route('series.show', series.id)} className="hover:underline">
                        {series.title}
                    </Link>
                </h2>
                <span className="text-xs text-ink-2">
                    {series.rule} at {series.time}, {series.minutes} min{series.isPrivate && ', private to its attendees'}
                </span>
            </div>
            {series.purpose !== null && <p className="text-ink-2">{series.purpose}</p>}
            <div className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
                {series.running !== null ? (
                    <ButtonLink kind="main" href={route('meetings.show', series.running)}>
                        Join now
                    </ButtonLink>
                ) : (
                    <ButtonLink href={route('series.show', series.id)}>
                        {series.next === null ? 'Open' : `Agenda for ${dayWords(series.next)}`}
                    </ButtonLink>
                )}
                <span className="text-xs text-ink-2">
                    {count(series.openIssues, 'issue')} waiting, {series.held} held
                </span>
            </div>
        </section>
    );
}

function Dates({ meetings, none }: { meetings: Occurrence[]; none: string }) {
    return meetings.length === 0 ? (
        <p className="text-ink-2">{none}</p>
    ) : (
        <ul className="divide-y divide-hairline">
            {meetings.map((meeting) => (
                <li key={`${meeting.link} ${meeting.on}`} className="flex items-baseline gap-4 py-1.5">
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
