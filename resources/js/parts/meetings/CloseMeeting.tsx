import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import type { MeetingView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextArea } from '../../ui/Field';

export function CloseMeeting({ page, isNext }: { page: MeetingView; isNext: boolean }) {
    const form = useForm(`closing of meeting ${String(page.id)}`, { summary: page.summary ?? '' });
    const unsettled = page.items.filter((item) => item.kind === 'issue' && item.outcome === null);

    const send = (close: () => void) => (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('meetings.close', page.id), {
            onSuccess: () => {
                close();
            },
        });
    };

    return (
        <DialogButton words="Close the meeting" kind={isNext ? 'main' : 'plain'} title="Close the meeting" hint="The minutes become final.">
            {(close) => (
                <form onSubmit={send(close)} className="space-y-4">
                    {unsettled.length > 0 && (
                        <div>
                            <p className="text-sm font-semibold">These have no outcome and are postponed to the next meeting:</p>
                            <ul className="list-inside list-disc text-ink-2">
                                {unsettled.map((item) => (
                                    <li key={item.id}>{item.title}</li>
                                ))}
                            </ul>
                        </div>
                    )}
                    <TextArea label="Summary for those who were absent" maxLength={5000} {...bind(form, 'summary')} />
                    <Button kind="main" type="submit" disabled={form.processing}>
                        Close meeting
                    </Button>
                </form>
            )}
        </DialogButton>
    );
}
