import { type SubmitEvent, useEffect, useState } from 'react';
import { IssueFields, noIssue } from './IssueFields';
import type { Option } from '../../generated/props';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { grouped } from '../../lib/options';
import { request } from '../../lib/request';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';
import { Problem } from '../../ui/Problem';

/** What an issue is about, if it is raised from there. */
interface About {
    task?: number;
    goal?: number;
    project?: number;
}

/** Raises an issue about something, in a meeting of one's choice. */
export function RaiseAbout({ about, kind = 'quiet' }: { about: About; kind?: 'plain' | 'quiet' }) {
    return (
        <DialogButton words="Raise in a meeting" kind={kind} title="Raise an issue" size="l">
            {(close) => <RaiseForm about={about} onDone={close} />}
        </DialogButton>
    );
}

/** The form by itself: in a dialog that is opened from anywhere. */
export function RaiseForm({ about = {}, title = '', onDone }: { about?: About; title?: string; onDone: () => void }) {
    const [meetings, setMeetings] = useState<Option[]>([]);
    const form = useForm(`issue about ${JSON.stringify(about)} ${title}`.trim(), { ...noIssue, title, series: '' });
    const errors = form.errors as Partial<Record<string, string>>;

    useEffect(() => {
        void request('get', route('series.choices'))
            .then(async (response) => (response.ok ? ((await response.json()) as Option[]) : []))
            .then(setMeetings)
            .catch(() => undefined);
    }, []);

    const send = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('issues.store', form.data.series), {
            as: (data) => ({ ...data, ...about }),
            onSuccess: () => {
                form.reset();
                onDone();
            },
        });
    };

    return (
        <form onSubmit={send} className="flex flex-wrap items-end gap-3">
            <TextField label="What needs discussing?" className="w-full" maxLength={200} {...bind(form, 'title')} />
            <SelectField label="Meeting" className="w-60" {...bind(form, 'series')} none="choose" options={grouped(meetings)} />
            <IssueFields form={form} projects={[]} />
            <Problem words={errors.task} className="w-full" />
            <span className="w-full">
                <Button kind="main" type="submit" disabled={form.processing || form.data.series === ''}>
                    Raise
                </Button>
            </span>
        </form>
    );
}
