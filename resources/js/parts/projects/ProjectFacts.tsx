import { Link } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { MilestonesButton } from './Milestones';
import { CollectionsButton, ExtraFields, OwnField } from './OwnFields';
import { KeptDate } from '../fields/KeptField';
import { Section } from '../signs/Section';
import { Files, HelpersButton } from '../beside/Beside';
import { SharedButton } from '../recurring/WorkRecurringTasks';
import { RecurringTaskLine } from '../recurring/RecurringTaskLine';
import type { ProjectState, ProjectView, UsedTemplate } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dateWords, dayWords } from '../../lib/dates';
import { focusOptions, labelled, rankOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { MeetingsBeside } from '../meetings/MeetingsBeside';
import { RaiseAbout } from '../meetings/RaiseAbout';
import { BringBack } from '../capture/BringBack';
import { Button, ButtonLink } from '../../ui/Button';
import { SelectField } from '../../ui/Select';

const states: Record<ProjectState, string> = {
    proposed: 'proposed',
    active: 'active',
    paused: 'paused',
    done: 'done',
    shelved: 'shelved',
    dropped: 'dropped',
};

/** In the margin of a project: what is set, changed in place; and what could be set, offered in one place. */
export function ProjectFacts({ page }: { page: ProjectView }) {
    const { project } = page;

    return (
        <>
            <WhatIsSet page={page} />
            {page.recurringTasks.length > 0 && (
                <Section title="Recurring tasks">
                    <ul className="divide-y divide-hairline">
                        {page.recurringTasks.map((recurringTask) => (
                            <RecurringTaskLine key={recurringTask.id} recurringTask={recurringTask} showsOwner />
                        ))}
                    </ul>
                </Section>
            )}
            <MeetingsBeside meetings={page.meetings} />
            <Section title="Files and references">
                <Files beside={page.beside} />
            </Section>
            <SetOrAdd page={page} />
            {page.mayChange && (
                <div className="flex flex-wrap gap-3 border-t border-rule pt-3">
                    <ButtonLink href={route('projects.edit', project.id)}>Edit the project</ButtonLink>
                    {page.template === null && page.seenBy === null && (
                        <Button
                            onClick={() => {
                                act('post', route('projects.template', project.id));
                            }}
                        >
                            Save as template
                        </Button>
                    )}
                </div>
            )}
        </>
    );
}

function WhatIsSet({ page }: { page: ProjectView }) {
    const helpers = page.people.filter((person) => page.beside.helpers.includes(person.id)).map((person) => person.name);
    const collections = page.collections.filter((each) => page.gathered.includes(Number(each.value))).map((each) => each.label);
    const filled = page.fields.filter((field) => field.value !== null);

    return (
        <div className="facts border-t border-rule">
            {page.mayChange ? <SetFacts page={page} /> : <ReadFacts page={page} />}
            {page.area !== null && <Fact label="Area">{page.area}</Fact>}
            <Fact label="Order">{page.order === 'staged' ? 'stage by stage' : 'tasks in any order'}</Fact>
            {page.seenBy !== null && <Fact label="Visible to">{page.seenBy.length === 1 ? 'only its owner' : page.seenBy.join(', ')}</Fact>}
            {helpers.length > 0 && <Fact label="Helpers">{helpers.join(', ')}</Fact>}
            {collections.length > 0 && <Fact label="Collections">{collections.join(', ')}</Fact>}
            {filled.map((field) => (
                <Fact key={field.id} label={field.name}>
                    {page.mayChange ? <OwnField field={field} project={page.project.id} /> : field.value}
                </Fact>
            ))}
            {page.template !== null && <FromTemplate template={page.template} />}
        </div>
    );
}

function FromTemplate({ template }: { template: UsedTemplate }) {
    return (
        <Fact label="Template">
            <Link href={route('templates.show', template.id)} className="link">
                {template.title}
            </Link>
            {template.changes > 0 && <span className="block text-xs text-ink-2">has changed since</span>}
            {template.left > 0 && (
                <span className="block text-xs text-ink-2">differs in {count(template.left, 'task')}, left on purpose</span>
            )}
        </Fact>
    );
}

function SetOrAdd({ page }: { page: ProjectView }) {
    return (
        <Section title="Set or add">
            <div className="-ml-3 flex flex-wrap">
                {page.mayChange && <MilestonesButton page={page} />}
                <HelpersButton beside={page.beside} people={page.people} />
                <BringBack about={{ kind: 'project', id: page.project.id, title: page.project.title }} returns={page.beside.returns} />
                {page.seenBy === null && <RaiseAbout about={{ project: page.project.id }} />}
                <SharedButton words="Add recurring tasks" to={{ project: page.project.id }} />
                {page.mayChange && <CollectionsButton page={page} />}
                <ExtraFields page={page} />
            </div>
        </Section>
    );
}

function SetFacts({ page }: { page: ProjectView }) {
    const { project } = page;
    // What somebody else changed meanwhile is refused, as in every form.
    const set = (field: string, before: string | null) => (value: string, refuse?: (why: string) => void) => {
        act(
            'put',
            route('projects.update', project.id),
            { [field]: value === '' ? null : value, seen: { [field]: before } },
            refuse === undefined ? {} : { onRefused: refuse },
        );
    };

    return (
        <>
            <SelectField
                label="State"
                value={project.state}
                options={labelled(states)}
                onChange={(state) => {
                    act('put', route('projects.state', project.id), { state });
                }}
            />
            <KeptDate label="Starts" placeholder="not set" value={page.startsOn ?? ''} onKeep={set('startsOn', page.startsOn)} />
            <KeptDate label="Due" placeholder="not set" value={project.dueOn ?? ''} onKeep={set('dueOn', project.dueOn)} />
            <SelectField
                label="Focus needed"
                none="not set"
                value={page.focus ?? ''}
                options={focusOptions}
                onChange={set('focus', page.focus)}
            />
            <SelectField label="Rank" none="not set" value={page.rank ?? ''} options={rankOptions} onChange={set('rank', page.rank)} />
        </>
    );
}

function ReadFacts({ page }: { page: ProjectView }) {
    const { project } = page;

    return (
        <>
            <Fact label="State">
                {states[project.state]} since {dateWords(project.stateOn)}
            </Fact>
            {page.startsOn !== null && <Fact label="Starts">{dayWords(page.startsOn)}</Fact>}
            {project.dueOn !== null && <Fact label="Due">{dayWords(project.dueOn)}</Fact>}
            {page.focus !== null && <Fact label="Focus needed">{page.focus}</Fact>}
            {page.rank !== null && <Fact label="Rank">{page.rank}</Fact>}
        </>
    );
}

function Fact({ label, children }: { label: string; children: ReactNode }) {
    return (
        <div>
            <span className="text-xs text-ink-2">{label}</span>
            <span className="min-w-0 py-1.5">{children}</span>
        </div>
    );
}
