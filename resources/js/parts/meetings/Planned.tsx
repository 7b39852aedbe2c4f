import { type SubmitEvent, useState } from 'react';
import { Section } from '../signs/Section';
import type { PlannedRow, SeriesView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DateField } from '../../ui/DateField';
import { DialogButton } from '../../ui/DialogButton';
import { TextField } from '../../ui/Field';
import { TimeField } from '../../ui/TimeField';
import { Problem } from '../../ui/Problem';

/** The next meetings: each can be moved or cancelled, and the others stay as they are. */
export function Planned({ page }: { page: SeriesView }) {
    return (
        <Section title="Coming">
            <ul className="divide-y divide-hairline">
                {page.coming.map((row) => (
                    <Row key={row.by} page={page} row={row} />
                ))}
            </ul>
        </Section>
    );
}

function Row({ page, row }: { page: SeriesView; row: PlannedRow }) {
    const { isChanged } = row;

    return (
        <li className="flex flex-wrap items-baseline gap-x-3 py-1">
            <span className="min-w-0 flex-1">
                {row.on === null ? <s>{dayWords(row.by)}</s> : dayWords(row.on)}{' '}
                <span className="font-mono text-xs text-ink-2">{row.on !== null && row.time}</span>
                {isChanged && (
                    <span className="block text-xs text-ink-2">
                        {row.on === null ? 'cancelled' : `instead of ${dayWords(row.by)}`}
                        {row.reason !== null && `, ${row.reason}`}
                    </span>
                )}
            </span>
            {page.mayRun && !isChanged && (
                <DialogButton words="Move or cancel" kind="quiet" title={`${page.series.title}, ${dayWords(row.on ?? row.by)}`}>
                    {(close) => <Change page={page} row={row} onDone={close} />}
                </DialogButton>
            )}
            {page.mayRun && isChanged && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        act('delete', route('series.restore', { series: page.series.id, day: row.by }));
                    }}
                >
                    Restore
                </Button>
            )}
        </li>
    );
}

function Change({ page, row, onDone }: { page: SeriesView; row: PlannedRow; onDone: () => void }) {
    const [movedTo, setMovedTo] = useState(row.on ?? row.by);
    const [time, setTime] = useState(row.time);
    const [reason, setReason] = useState('');
    const [problem, setProblem] = useState<string>();
    const send = (to: string | null) => {
        act(
            'put',
            route('series.change', { series: page.series.id, day: row.by }),
            { movedTo: to, time, reason },
            { onDone, onRefused: setProblem },
        );
    };

    return (
        <form
            className="space-y-4"
            onSubmit={(event: SubmitEvent) => {
                event.preventDefault();
                send(movedTo);
            }}
        >
            <div className="grid grid-cols-2 gap-4">
                <DateField label="Move to" value={movedTo} onChange={setMovedTo} />
                <TimeField label="At" value={time} onChange={setTime} />
            </div>
            <TextField
                label="Reason"
                maxLength={200}
                value={reason}
                onChange={(event) => {
                    setReason(event.target.value);
                }}
            />
            <Problem words={problem} />
            <span className="flex gap-2">
                <Button kind="main" type="submit">
                    Move
                </Button>
                <Button
                    onClick={() => {
                        send(null);
                    }}
                >
                    Cancel this meeting
                </Button>
            </span>
        </form>
    );
}
