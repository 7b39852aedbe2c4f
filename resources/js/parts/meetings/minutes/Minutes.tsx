import { Link } from '@inertiajs/react';
import { Additions } from './Additions';
import { MinutesItem } from './MinutesItem';
import { TimeSpent } from './TimeSpent';
import { Section } from '../../signs/Section';
import { TaskLine } from '../../task/TaskLine';
import type { MinutesStep, MinutesView } from '../../../generated/props';
import { act } from '../../../lib/queue/act';
import { dayWords, fullDateWords } from '../../../lib/dates';
import { route } from '../../../lib/routes';
import { Button } from '../../../ui/Button';

/** The record of a closed meeting, to be read afterwards: what was decided and who does what first, then item by item. */
export function Minutes({ page }: { page: MinutesView }) {
    const { minutes } = page;
    const decided = minutes.items.filter((item) => item.decisions.length > 0);
    const steps = minutes.items.flatMap((item) => item.nextSteps);
    const left = minutes.items.filter(
        (item) => item.outcome !== null && ['next_time', 'other_meeting', 'shelved', 'project', 'goal'].includes(item.outcome),
    );

    return (
        <div className="grid flex-1 grid-cols-[1fr_320px] max-lg:grid-cols-1">
            <article className="sheet-edge min-w-0 space-y-6">
                <MinutesHead page={page} />
                <Decided decided={decided} />
                <Section
                    title={steps.length === 0 ? 'No next steps' : 'Next steps'}
                    aside={steps.length === 0 ? undefined : String(steps.length)}
                >
                    <ul className="divide-y divide-hairline">
                        {steps.map((step) => (
                            <Step key={step.task} step={step} />
                        ))}
                    </ul>
                </Section>
                {left.length > 0 && <NotSettled left={left} />}
                <section>
                    <h2 className="text-lg">Item by item</h2>
                    <ol className="mt-2">
                        {minutes.items
                            .filter((item) => item.kind !== 'closing' || item.lines.length > 0)
                            .map((item, place) => (
                                <MinutesItem key={place} item={item} />
                            ))}
                    </ol>
                </section>
                <Additions page={page} />
            </article>
            <BesideTheMinutes page={page} />
        </div>
    );
}

function MinutesHead({ page }: { page: MinutesView }) {
    return (
        <header>
            <p className="text-xs text-ink-2">
                Minutes, final since {page.minutes.ends}. {page.minutes.took} of {page.minutes.planned} min.
            </p>
            <h1>
                <Link href={route('series.show', page.series.id)} className="hover:underline">
                    {page.minutes.title}
                </Link>
                , {fullDateWords(page.minutes.on)}
            </h1>
            {!page.isIntact && (
                <p className="mt-2 font-semibold text-persimmon">
                    These minutes are not what they were when they were closed: their checksum differs.
                </p>
            )}
            {page.minutes.summary !== null && <p className="mt-2 max-w-prose text-md whitespace-pre-line">{page.minutes.summary}</p>}
        </header>
    );
}

function Decided({ decided }: { decided: MinutesView['minutes']['items'] }) {
    return (
        <section className="double-rule pt-2">
            <h2 className="text-lg">{decided.length === 0 ? 'Nothing was decided' : 'Decided'}</h2>
            {decided.map((item, place) => (
                <div key={place} className="border-t border-hairline py-2 first-of-type:border-0">
                    {item.decisions.map((decision, each) => (
                        <p key={each} className="max-w-prose">
                            <span className="text-md font-semibold">{decision.words}</span>
                            {decision.because !== null && <span className="text-ink-2"> Reason: {decision.because}</span>}
                        </p>
                    ))}
                    <p className="text-xs text-ink-2">On “{item.title}”</p>
                </div>
            ))}
        </section>
    );
}

function NotSettled({ left }: { left: MinutesView['minutes']['items'] }) {
    return (
        <Section title="Not settled here">
            <ul>
                {left.map((item, place) => (
                    <li key={place} className="py-0.5">
                        {item.title}
                        <span className="text-ink-2">, {went[item.outcome ?? '']}</span>
                    </li>
                ))}
            </ul>
        </Section>
    );
}

function BesideTheMinutes({ page }: { page: MinutesView }) {
    return (
        <aside className="sheet-edge space-y-6 border-l border-hairline max-lg:border-0">
            <Section title="Present" aside={String(page.minutes.present.length)}>
                <p>{page.minutes.present.join(', ') || 'Nobody'}</p>
                {page.minutes.absent.length > 0 && <p className="mt-1 text-ink-2">Absent: {page.minutes.absent.join(', ')}</p>}
                <p className="mt-1 text-ink-2">
                    {page.minutes.chair !== null && `${page.minutes.chair} chaired`}
                    {page.minutes.minuteTaker !== null && `, ${page.minutes.minuteTaker} took the minutes`}
                </p>
            </Section>
            {page.steps.length > 0 && (
                <Section title="Next steps today" className="print:hidden">
                    <ul className="divide-y divide-hairline">
                        {page.steps.map((task) => (
                            <TaskLine key={task.id} task={task} people={[]} showsOwner isCompact />
                        ))}
                    </ul>
                </Section>
            )}
            <Section title="Where the time went">
                <TimeSpent items={page.minutes.items} />
            </Section>
            <TakeAway page={page} />
            <SentTo page={page} />
            {page.checksum !== null && (
                <p className="font-mono text-xs wrap-anywhere text-ink-2" title="Checksum of the minutes, SHA-256">
                    {page.checksum}
                </p>
            )}
        </aside>
    );
}

function TakeAway({ page }: { page: MinutesView }) {
    return (
        <div className="flex flex-wrap gap-2 print:hidden">
            <Button
                onClick={() => {
                    window.print();
                }}
            >
                Print
            </Button>
            <a className="link self-center" href={route('meetings.pdf', page.id)}>
                PDF
            </a>
            <a className="link self-center" href={route('meetings.markdown', page.id)}>
                Markdown
            </a>
        </div>
    );
}

function SentTo({ page }: { page: MinutesView }) {
    return (
        <Section title="Sent" className="print:hidden">
            <p>{page.sent.length === 0 ? 'Not sent yet.' : page.sent.map(({ name }) => name).join(', ')}</p>
            {page.mayAdd && page.sent.length < page.minutes.present.length + page.minutes.absent.length && (
                <Button
                    className="mt-2"
                    onClick={() => {
                        act('post', route('meetings.send', page.id));
                    }}
                >
                    Send to attendees
                </Button>
            )}
        </Section>
    );
}

const went: Record<string, string> = {
    next_time: 'postponed to the next meeting',
    other_meeting: 'moved to another meeting',
    shelved: 'shelved',
    project: 'made a project',
    goal: 'made a goal',
};

function Step({ step }: { step: MinutesStep }) {
    return (
        <li className="grid grid-cols-[1fr_120px_96px] gap-x-4 py-1.5 max-md:grid-cols-1">
            <span className="min-w-0">
                {step.what}
                {step.for !== null && <span className="text-xs text-ink-2"> for {step.for}</span>}
            </span>
            <span>{step.who}</span>
            <span className="font-mono text-xs leading-5">{step.by === null ? '' : dayWords(step.by)}</span>
        </li>
    );
}
