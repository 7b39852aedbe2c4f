import { Head, Link } from '@inertiajs/react';
import type { RecordItem, SeriesRecordView } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { Empty, Section } from '../../parts/signs/Section';
import { TableHead } from '../../ui/TableHead';

/** How the meetings of a series go: time, issues, promises, over the last half year. */
export default function Record({ page }: { page: SeriesRecordView }) {
    const took = page.meetings.reduce((sum, meeting) => sum + meeting.took, 0);
    const planned = page.meetings.reduce((sum, meeting) => sum + meeting.planned, 0);
    const oldest = page.oldestDays === null ? '' : `, the oldest for ${count(page.oldestDays, 'day')}`;

    return (
        <div className="sheet-edge space-y-8">
            <Head title={`How ${page.title} goes`} />
            <RecordHead page={page} took={took} planned={planned} oldest={oldest} />
            {page.meetings.length === 0 && <Empty>Once some of these meetings were held, their times and issues are compared here.</Empty>}
            {page.items.length > 0 && (
                <Section title="Standing agenda" aside="over the last eight meetings">
                    <table className="w-full max-w-2xl text-left">
                        <TableHead
                            columns={[
                                { words: 'Item' },
                                { words: 'Planned', className: 'w-24 text-right max-md:w-16' },
                                { words: 'Took', className: 'w-24 text-right max-md:w-18' },
                                { words: 'Suggested', className: 'w-40 pl-6 max-md:w-22 max-md:pl-3' },
                            ]}
                        />
                        <tbody>
                            {page.items.map((item) => (
                                <Item key={item.title} item={item} />
                            ))}
                        </tbody>
                    </table>
                </Section>
            )}
            {page.meetings.length > 0 && <MeetingByMeeting page={page} />}
        </div>
    );
}

function RecordHead({ page, took, planned, oldest }: { page: SeriesRecordView; took: number; planned: number; oldest: string }) {
    return (
        <header>
            <p className="text-xs text-ink-2">
                <Link href={route('series.show', page.id)} className="link">
                    {page.title}
                </Link>
                , the last {count(page.meetings.length, 'meeting')}
            </p>
            <h1>How these meetings go</h1>
            {page.meetings.length > 0 && (
                <p className="mt-2 max-w-prose text-md">
                    They took {took} of {planned} min, {page.hours} hours of people’s time.{' '}
                    {page.promised > 0 && `${String(page.kept)} of ${count(page.promised, 'next step')} were done by their date. `}
                    {page.open > 0 && `${count(page.open, 'issue')} ${page.open === 1 ? 'is' : 'are'} open${oldest}.`}
                </p>
            )}
        </header>
    );
}

function MeetingByMeeting({ page }: { page: SeriesRecordView }) {
    return (
        <Section title="Meeting by meeting">
            <table className="w-full max-w-3xl text-left">
                <TableHead
                    columns={[
                        { words: 'Date', className: 'w-28 max-md:w-20' },
                        { words: 'Time, min' },
                        { words: 'People', className: 'w-20 text-right max-md:w-14' },
                        { words: 'Raised', className: 'w-24 text-right max-md:w-14' },
                        { words: 'Resolved', className: 'w-24 text-right max-md:w-18' },
                    ]}
                />
                <tbody>
                    {page.meetings.toReversed().map((meeting) => (
                        <tr key={meeting.id} className="border-b border-hairline">
                            <td className="py-1">
                                <Link href={route('meetings.show', meeting.id)} className="hover:underline">
                                    {dayWords(meeting.on)}
                                </Link>
                            </td>
                            <td>
                                <Time took={meeting.took} planned={meeting.planned} />
                            </td>
                            <td className="text-right font-mono text-xs">{meeting.people}</td>
                            <td className="text-right font-mono text-xs">{meeting.raised}</td>
                            <td className="text-right font-mono text-xs">{meeting.resolved}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    );
}

function Item({ item }: { item: RecordItem }) {
    return (
        <tr className="border-b border-hairline">
            <td className="py-1">{item.title}</td>
            <td className="text-right font-mono text-xs">{item.planned} min</td>
            <td className="text-right font-mono text-xs">{item.took} min</td>
            <td className="pl-6 max-md:pl-3">
                {item.advice === null ? <span className="text-ink-2">as planned</span> : <strong>{item.advice} min</strong>}
            </td>
        </tr>
    );
}

/** To scale, with its end; what went over is hatched. */
function Time({ took, planned }: { took: number; planned: number }) {
    const whole = Math.max(took, planned, 1);
    const percent = (minutes: number) => `${String((minutes / whole) * 80)}%`;

    return (
        <span className="flex items-center gap-3">
            <span aria-hidden className="relative block h-2 w-40 flex-none max-md:hidden">
                <span className="absolute inset-y-0 left-0 bg-done" style={{ width: percent(Math.min(took, planned)) }} />
                {took > planned && (
                    <span className="hatch absolute inset-y-0" style={{ left: percent(planned), width: percent(took - planned) }} />
                )}
                <span className="absolute -inset-y-0.5 border-l border-ink" style={{ left: percent(planned) }} />
            </span>
            <span className="font-mono text-xs">
                {took} of {planned}
            </span>
        </span>
    );
}
