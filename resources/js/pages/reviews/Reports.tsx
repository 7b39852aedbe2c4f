import { Head, Link, usePage } from '@inertiajs/react';
import type { ReportLine, ReportsView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { addDays, dayWords, spanWords } from '../../lib/dates';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { audiences } from '../../parts/reviews/audiences';
import { Empty, Section } from '../../parts/signs/Section';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';
import { DialogButton } from '../../ui/DialogButton';
import { SelectField } from '../../ui/Select';

/** One's own reports, and those one got. */
export default function Reports({ page }: { page: ReportsView }) {
    return (
        <div className="sheet-edge max-w-4xl">
            <Head title="Reports" />
            <div className="mb-4 flex items-baseline justify-between">
                <h1>Reports</h1>
                <DialogButton
                    words="Draft a report"
                    kind="main"
                    title="Draft a report"
                    hint="It begins with what happened and everybody may see. Only you can read it until it is sent."
                >
                    {() => <Draft />}
                </DialogButton>
            </div>
            <Section title="Yours">
                {page.own.length === 0 && (
                    <Empty>None yet. A report is drafted from what was done, decided and marked as worth telling, for you to edit.</Empty>
                )}
                <List reports={page.own} isOwn />
            </Section>
            {page.got.length > 0 && (
                <Section title="Sent to you" className="mt-6">
                    <List reports={page.got} />
                </Section>
            )}
        </div>
    );
}

function List({ reports, isOwn = false }: { reports: ReportLine[]; isOwn?: boolean }) {
    return (
        <ul className="divide-y divide-hairline">
            {reports.map((report) => (
                <li key={report.id}>
                    <Link
                        href={route('reports.show', report.id)}
                        className="group grid grid-cols-[1fr_160px_180px] items-baseline gap-x-4 py-2 max-md:grid-cols-1"
                    >
                        <span className="two-lines group-hover:underline">{report.title}</span>
                        <span className="text-xs text-ink-2">{spanWords(report.first, report.last)}</span>
                        <span className="text-right text-xs text-ink-2 max-md:text-left">
                            {report.sentOn === null ? 'not sent yet' : `sent ${dayWords(report.sentOn)}`}
                            {!isOwn && ` by ${report.by.name}`}
                        </span>
                    </Link>
                </li>
            ))}
        </ul>
    );
}

/** Days that a report is about unless said. */
const USUAL = 30;

function Draft() {
    const { frame } = usePage().props;
    const today = frame?.today ?? '';
    const form = useForm('new report', { audience: 'team', from: addDays(today, 1 - USUAL), until: today });

    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('reports.store'));
            }}
        >
            <SelectField
                label="For"
                value={form.data.audience}
                options={audiences}
                onChange={(audience) => {
                    form.setData('audience', audience);
                }}
            />
            <div className="flex gap-3">
                <DateField label="From" className="w-40" {...bind(form, 'from')} />
                <DateField label="Until" className="w-40" {...bind(form, 'until')} />
            </div>
            <Button kind="main" type="submit" disabled={form.processing}>
                Draft
            </Button>
        </form>
    );
}
