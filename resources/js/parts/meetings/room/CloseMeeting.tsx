import { type SubmitEvent, useState } from 'react';
import { Outcomes } from './Outcomes';
import { useTyped } from './useTyped';
import type { HereNow, RoomView, ItemRow } from '../../../generated/props';
import { act } from '../../../lib/queue/act';
import { bind } from '../../../lib/forms';
import { flushLines } from '../../../lib/kept/lines';
import { useForm } from '../../../lib/kept/useForm';
import { route } from '../../../lib/routes';
import { Button } from '../../../ui/Button';
import { Dialog } from '../../../ui/Dialog';
import { TextArea } from '../../../ui/Field';
import { Problem } from '../../../ui/Problem';

interface Props {
    page: RoomView;
    here: HereNow;
    isNext: boolean;
    /** Goes to an item, to add what was typed there. */
    onGo: (item: number) => void;
}

/** Closes the meeting: what is open is asked about, and lines that are still on their way are waited for. */
export function CloseMeeting({ page, here, isNext, onGo }: Props) {
    const [isOpen, setOpen] = useState(false);
    const announce = (isClosing: boolean) => {
        setOpen(isClosing);
        flushLines();
        act('put', route('meetings.closing', page.id), { isClosing });
    };

    return (
        <>
            <Button
                kind={isNext ? 'main' : 'plain'}
                onClick={() => {
                    announce(true);
                }}
            >
                Close the meeting
            </Button>
            <Dialog isOpen={isOpen} onOpenChange={announce} title="Close the meeting" hint="The minutes become final.">
                <NotAdded
                    page={page}
                    onGo={(item) => {
                        announce(false);
                        onGo(item);
                    }}
                />
                <Closing page={page} here={here} />
            </Dialog>
        </>
    );
}

/** What was typed and not added: it would be in no minutes. */
function NotAdded({ page, onGo }: { page: RoomView; onGo: (item: number) => void }) {
    const typed = useTyped(page);

    return typed.length === 0 ? null : (
        <section className="mb-4">
            <h3 className="text-sm text-persimmon">Typed and not added: it will not be in the minutes</h3>
            <ul>
                {typed.map(({ name, text, item, what }) => (
                    <li key={`${name} ${text}`} className="flex items-center gap-x-4 border-t border-hairline py-1">
                        <span className="min-w-0 flex-1 wrap-anywhere">
                            {text} <span className="text-xs whitespace-nowrap text-ink-2">{what}</span>
                        </span>
                        {item !== null && (
                            <Button
                                kind="quiet"
                                onClick={() => {
                                    onGo(item);
                                }}
                            >
                                Go to it
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}

function Closing({ page, here }: { page: RoomView; here: HereNow }) {
    const form = useForm(`closing of meeting ${String(page.id)}`, { summary: page.summary ?? '' });
    const unsettled = page.items.filter((item) => item.kind === 'issue' && item.issue !== null && item.outcome === null);
    const unconfirmed = page.items.flatMap((item) => item.nextSteps).filter((task) => page.unconfirmed.includes(task.id));
    const errors = form.errors as Partial<Record<string, string>>;
    const send = (waits: boolean) => {
        flushLines();
        form.post(route('meetings.close', page.id), { as: (data) => ({ ...data, waits }) });
    };

    return (
        <form
            className="space-y-4"
            onSubmit={(event: SubmitEvent) => {
                event.preventDefault();
                send(true);
            }}
        >
            {unsettled.length > 0 && <NoOutcomeYet page={page} unsettled={unsettled} />}
            {unconfirmed.length > 0 && (
                <section>
                    <h3 className="text-sm text-persimmon">Not confirmed by the person who is to do it</h3>
                    <ul>
                        {unconfirmed.map((task) => (
                            <li key={task.id}>
                                {task.title}, {task.owner.name}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <TextArea label="Summary" rows={5} maxLength={5000} {...bind(form, 'summary')} />
            {form.data.summary.trim() === '' && page.draft !== '' && (
                <Button
                    onClick={() => {
                        form.setData('summary', page.draft);
                    }}
                >
                    Draft it from decisions and next steps
                </Button>
            )}
            {here.writing.length > 0 && (
                <p role="status" className="font-semibold">
                    Waiting for lines from {here.writing.join(', ')}.
                </p>
            )}
            <Problem words={errors.waits} />
            <CloseNow here={here} isOff={form.processing} mayWait={errors.waits === undefined} send={send} />
        </form>
    );
}

function NoOutcomeYet({ page, unsettled }: { page: RoomView; unsettled: ItemRow[] }) {
    return (
        <section>
            <h3 className="text-sm">No outcome yet: postponed to the next meeting unless you say otherwise</h3>
            <ul>
                {unsettled.map((item) => (
                    <li key={item.id} className="flex flex-wrap items-center gap-x-4 border-t border-hairline py-1">
                        <span className="min-w-0 flex-1 max-md:w-full max-md:flex-none">{item.title}</span>
                        <Outcomes page={page} item={item} />
                    </li>
                ))}
            </ul>
        </section>
    );
}

interface NowProps {
    here: HereNow;
    isOff: boolean;
    /** Whether the server has not said yet that lines are on their way. */
    mayWait: boolean;
    send: (waits: boolean) => void;
}

function CloseNow({ here, isOff, mayWait, send }: NowProps) {
    return (
        <span className="flex gap-2">
            <Button kind="main" type="submit" disabled={isOff || here.writing.length > 0}>
                Close meeting
            </Button>
            {(here.writing.length > 0 || !mayWait) && (
                <Button
                    onClick={() => {
                        send(false);
                    }}
                >
                    Close without waiting: late lines are added with their date
                </Button>
            )}
        </span>
    );
}
