import { Head, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { SubmitEvent } from 'react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { StartView, WeekLoad, PersonLoad } from '../../generated/props';
import { dayWords, hoursWords, plannedWords } from '../../lib/dates';
import { bind, bindRecord } from '../../lib/forms';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { PersonField, RecordField } from '../../parts/fields/Choose';
import { SaveLine } from '../../parts/fields/SaveLine';
import { Section } from '../../parts/signs/Section';
import { TextField } from '../../ui/Field';
import { DateField } from '../../ui/DateField';

/** What is set of a project before it is started. */
interface Beginning {
    title: string;
    start: string;
    goal: number | null;
    roles: Record<string, number>;
}

/** A project about to be started from a template, with the load that it puts on people. */
export default function Start({ page }: { page: StartView }) {
    const form = useForm<Beginning>(`project from template ${String(page.id)}`, {
        title: page.title,
        start: page.start,
        goal: null,
        roles: Object.fromEntries(page.roles.map((role) => [role.role, role.person])),
    });
    const { data } = form;

    const begin = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('templates.begin', page.id));
    };
    const look = (change: Partial<Beginning>) => {
        form.setData(change);
        const { start, roles } = { ...data, ...change };

        if (start !== '') {
            router.get(
                route('templates.start', page.id),
                { start, roles },
                { only: ['page'], preserveState: true, preserveScroll: true, replace: true },
            );
        }
    };

    return (
        <div className="sheet-edge max-w-4xl">
            <Head title={`Start from ${page.template}`} />
            <p className="text-xs text-ink-2">From the template {page.template}</p>
            <h1 className="mb-5">Start a project</h1>
            <form onSubmit={begin} className="space-y-6">
                <NameAndRoles page={page} form={form} look={look} />
                <Section title="Hours" aside={`${String(page.tasks)} tasks, added to what is already planned for those weeks`}>
                    <ul className="divide-y divide-hairline">
                        {page.loads.map((load) => (
                            <LoadOf key={load.person.id} load={load} />
                        ))}
                    </ul>
                </Section>
                <SaveLine words="Start project" isOff={form.processing || data.title.trim() === ''} cancel={route('templates.index')} />
            </form>
        </div>
    );
}

function NameAndRoles({ page, form, look }: { page: StartView; form: Form<Beginning>; look: (change: Partial<Beginning>) => void }) {
    return (
        <div className="grid grid-cols-[2fr_1fr_2fr] gap-4 max-md:grid-cols-1">
            <TextField label="Name" autoFocus maxLength={200} {...bind(form, 'title')} />
            <DateField
                label="Starts"
                hint={page.due === null ? undefined : `due ${dayWords(page.due)}`}
                value={form.data.start}
                error={form.errors.start}
                onChange={(value) => {
                    look({ start: value });
                }}
            />
            <RecordField label="Contributes to" none="Not linked to a goal" options={page.goals} {...bindRecord(form, 'goal')} />
            {page.roles.map((role) => (
                <PersonField
                    key={role.role}
                    label={`${role.role}, ${count(role.tasks, 'task')}`}
                    value={form.data.roles[role.role] ?? role.person}
                    people={page.people}
                    onChoose={(person) => {
                        look({ roles: { ...form.data.roles, [role.role]: person } });
                    }}
                />
            ))}
        </div>
    );
}

function LoadOf({ load }: { load: PersonLoad }) {
    return (
        <li className="grid grid-cols-[160px_1fr] gap-4 py-2 max-md:grid-cols-1">
            <span>
                <span className="font-semibold">{load.person.name}</span>
                <span className="block text-xs text-ink-2">
                    {count(load.tasks, 'task')}
                    {load.notScheduled > 0 && `, ${hoursWords(load.notScheduled)} not scheduled`}
                </span>
            </span>
            <ul className="space-y-1">
                {load.weeks.map((week) => (
                    <Week key={week.week} week={week} />
                ))}
            </ul>
        </li>
    );
}

/** A week to scale: planned already, what would come, and what there is. */
function Week({ week }: { week: WeekLoad }) {
    const scale = Math.max(week.available, week.planned + week.added, 1);
    const width = (minutes: number) => ({ width: `${String((minutes / scale) * 100)}%` });

    return (
        <li className="grid grid-cols-[64px_1fr_210px] items-center gap-3 text-xs max-md:grid-cols-[64px_1fr]">
            <span className="font-mono">{plannedWords(week.week)}</span>
            <span aria-hidden className="relative flex h-2 bg-hairline">
                <span className="h-2 bg-rule" style={width(week.planned)} />
                <span className={clsx('h-2', week.isOver ? 'bg-persimmon' : 'bg-ink')} style={width(week.added)} />
                <span className="absolute -top-1 h-4 w-px bg-chalk" style={{ left: `${String((week.available / scale) * 100)}%` }} />
            </span>
            <span className={clsx('font-mono', week.isOver ? 'font-semibold text-persimmon' : 'text-ink-2')}>
                {hoursWords(week.planned)} + {hoursWords(week.added)} of {hoursWords(week.available)}
                {week.isOver && ', over'}
            </span>
        </li>
    );
}
