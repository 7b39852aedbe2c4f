import { Head, Link } from '@inertiajs/react';
import { useRef, useState, type RefObject } from 'react';
import type { ReportView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { KeptField } from '../../parts/fields/KeptField';
import { Prose } from '../../parts/signs/Prose';
import { Offered } from '../../parts/reviews/Offered';
import { SendReport } from '../../parts/reviews/SendReport';
import { RuledText, type TakeIn } from '../../parts/fields/RuledText';
import { Empty } from '../../parts/signs/Section';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';

type Side = 'write' | 'read';

const sides: { value: Side; words: string }[] = [
    { value: 'write', words: 'Write' },
    { value: 'read', words: 'As it reads' },
];

/** A report: written beside what can be taken into it, then read as it was sent. */
export default function Report({ page }: { page: ReportView }) {
    const { report } = page;
    const isOpen = page.isMine && report.sentOn === null;
    const [side, setSide] = useState<Side>('write');
    const text = useRef<TakeIn>(null);

    return (
        <div className="sheet-edge max-w-4xl">
            <Head title={report.title} />
            {isOpen ? (
                <KeptField
                    label="Title"
                    isLabelHidden
                    className="text-xl font-semibold print:hidden"
                    maxLength={200}
                    value={report.title}
                    onKeep={(title, refuse) => {
                        act('put', route('reports.rename', report.id), { title }, { onRefused: refuse });
                    }}
                />
            ) : (
                <h1 className="wrap-anywhere">{report.title}</h1>
            )}
            <AboutTheReport page={page} />
            {isOpen && <WriteOrRead page={page} side={side} setSide={setSide} />}
            {isOpen && <Writing page={page} side={side} text={text} />}
            <div className={isOpen && side === 'write' ? 'hidden print:block' : ''}>
                {page.html === null ? <Empty>Nothing is written yet.</Empty> : <Prose html={page.html} />}
            </div>
        </div>
    );
}

function AboutTheReport({ page }: { page: ReportView }) {
    return (
        <div className="mt-2 mb-4 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-xs text-ink-2">
            <span>
                {spanWords(page.report.first, page.report.last)}
                {!page.isMine && `, by ${page.report.by.name}`}
            </span>
            <Sent page={page} />
            <span className="ml-auto flex gap-x-4 print:hidden">
                <a className="link" href={route('reports.markdown', page.report.id)}>
                    Markdown
                </a>
                <a className="link" href={route('reports.pdf', page.report.id)}>
                    PDF
                </a>
                <button
                    type="button"
                    className="link"
                    onClick={() => {
                        window.print();
                    }}
                >
                    Print
                </button>
            </span>
        </div>
    );
}

function WriteOrRead({ page, side, setSide }: { page: ReportView; side: Side; setSide: (value: Side) => void }) {
    return (
        <div className="mb-3 flex flex-wrap items-center justify-between gap-2 border-y border-rule py-1 print:hidden">
            <Choices
                label="Write or read"
                value={side}
                choices={sides}
                onChoose={(chosen) => {
                    setSide(chosen === '' ? side : chosen);
                }}
            />
            <span className="flex gap-2">
                <Button
                    kind="quiet"
                    onClick={() => {
                        act('delete', route('reports.destroy', page.report.id));
                    }}
                >
                    Delete
                </Button>
                <SendReport page={page} />
            </span>
        </div>
    );
}

function Writing({ page, side, text }: { page: ReportView; side: Side; text: RefObject<TakeIn | null> }) {
    return (
        <div className={side === 'write' ? 'print:hidden' : 'hidden'}>
            <RuledText
                label="Text of the report"
                rows={12}
                value={page.words}
                url={route('reports.write', page.report.id)}
                payload={(words, was) => ({ words, seen: { words: was } })}
                takeIn={text}
            />
            <Offered
                page={page}
                takeIn={(line) => {
                    text.current?.(line);
                }}
            />
        </div>
    );
}

function Sent({ page: { report, isMine, sentTo } }: { page: ReportView }) {
    if (report.sentOn === null) {
        return <span>Saves automatically. Figures stay up to date until it is sent. Only you can see it.</span>;
    }

    return (
        <span>
            Sent {dayWords(report.sentOn)} to {sentTo.join(', ')}. It stays as it went out.
            {isMine && (
                <>
                    {' '}
                    <Link className="link" href={route('notifications')}>
                        Mailbox
                    </Link>
                </>
            )}
        </span>
    );
}
