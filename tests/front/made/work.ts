import { gauge, noor, task } from '.';
import type {
    Beside,
    ProjectValues,
    ProjectView,
    RegisterFilter,
    RegisterRow,
    TaskView,
    TemplateTaskValues,
} from '../../../resources/js/generated/props';

/** Projects and tasks at their own addresses, as the server would send them; a test says what is different about them. */

export const beside = (more: Partial<Beside> = {}): Beside => ({
    ...{ kind: 'project', id: 3, helpers: [], comments: [], files: [], references: [], returns: [] },
    ...more,
});

export const registerRow = (more: Partial<RegisterRow> = {}): RegisterRow => ({
    ...{ id: 3, title: 'Moorings Orkney', owner: noor, state: 'active', stateOn: '2027-01-11', dueOn: '2027-04-30', cord: null },
    ...{ gauge: gauge(), open: 4, tasks: 12, statusLine: null, statusOn: null, condition: null, nextStep: null },
    ...{ milestone: null, changedOn: '2027-02-08', collections: [], entries: [], isPrivate: false },
    ...more,
});

export const project = (more: Partial<ProjectView> = {}): ProjectView => ({
    ...{ project: registerRow(), charter: [], learned: null, milestones: [], lines: [] },
    ...{ quarterGoals: [], area: null, startsOn: '2027-01-11', weighing: 'count', order: 'staged', mayChange: true, serves: [] },
    ...{
        weights: [],
        stages: [],
        now: [],
        aside: [],
        sum: '8 of 12 tasks',
        countsAlso: null,
        forecast: null,
        people: [noor],
        lastIsDone: false,
    },
    ...{ rank: null, focus: null, beside: beside(), history: [], template: null },
    ...{ recurringTasks: [], fields: [], collections: [], gathered: [], seenBy: null },
    meetings: { meetings: [], issues: [], decisions: [] },
    ...more,
});

export const projectValues = (more: Partial<ProjectValues> = {}): ProjectValues => ({
    ...{ id: null, title: '', outcome: '', owner: noor.id, area: null, weighing: 'count', order: 'any', state: 'active' },
    ...{ startsOn: null, dueOn: null, stages: [], serves: [], lastIsDone: false, rank: null, focus: null },
    ...{ visibility: 'everyone', groups: [], people: [], countsUnnamed: false },
    ...more,
});

export const taskView = (more: Partial<TaskView> = {}): TaskView => ({
    ...{ task: task(), notes: null, createdOn: '2027-01-20', waitingSince: null, steps: [], stages: [], origin: null },
    ...{ thread: [], planned: null, firstPlanned: null, whenDone: null },
    ...{ people: [noor], mainEfforts: [], mainEffort: null, focus: null, place: null, after: [], before: [], isShelved: false },
    ...{ project: null, goal: null, inProgressSince: null, checkedBy: null, names: ['Noor', 'Harbour office'] },
    ...{ beside: beside({ kind: 'task', id: 7 }), contact: null, contactArea: null },
    ...more,
});

export const templateTask = (more: Partial<TemplateTaskValues> = {}): TemplateTaskValues => ({
    ...{ id: 1, title: 'Survey the berth', stage: '', role: '', day: '1', minutes: '60', steps: [], key: 'a', after: [] },
    ...more,
});

/** The register as it is when nobody has chosen anything. */
export const registerFilter = (more: Partial<RegisterFilter> = {}): RegisterFilter => ({
    ...{ state: 'open', condition: null, owner: null, area: null, thread: null, focus: null, collection: null, field: null },
    ...{ value: '', words: '', sort: 'need', sortField: null, group: 'state', groupField: null, page: 1 },
    ...more,
});
