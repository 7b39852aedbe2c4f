import { gauge, noor, rail } from '.';
import type {
    ClosingRow,
    ClosingView,
    DirectionView,
    GoalFormView,
    GoalRow,
    GoalValues,
    LoadRow,
    PeriodTag,
    PlannedGoal,
    PlanningView,
    StretchTag,
} from '../../../resources/js/generated/props';

/** Goals and their planning, as the server would send them; a test says what is different about them. */

export const quarter = (more: Partial<PeriodTag> = {}): PeriodTag => ({
    ...{ name: '2027-Q1', words: 'Q1', first: '2027-01-01', last: '2027-03-31', previous: '2026-Q4', next: '2027-Q2' },
    ...more,
});

export const goal = (more: Partial<GoalRow> = {}): GoalRow => ({
    ...{ id: 4, title: '40 harbours', horizon: 'quarter', period: '2027-Q1', isFirm: true, isFirst: false, quarters: [] },
    ...{ isPrivate: false, isClosed: false, owner: noor, parent: null, for: null, cord: null, gauge: gauge() },
    ...more,
});

export const goalValues = (more: Partial<GoalValues> = {}): GoalValues => ({
    ...{ id: null, title: '', period: '2027-Q1', why: '', mark: '', parent: null, weight: '1', owner: noor.id, area: null },
    ...{ scope: 'company', visibility: 'everyone', isMain: false, isFirm: true, measure: 'work', start: '', target: '' },
    ...{ limit: '', sense: 'at_least', share: '80', unit: '', checkpoints: [], group: null, groups: [], people: [] },
    ...{ countsUnnamed: false, longTermGoal: null, quarters: [], predecessor: null, tasksWeight: '1', fromToday: '' },
    ...more,
});

export const goalForm = (more: Partial<GoalValues> = {}): GoalFormView => ({
    ...{
        goal: goalValues(more),
        parents: [],
        people: [noor],
        areas: [],
        longTermGoals: [],
        brings: null,
        begun: ['2027-Q1'],
        late: ['2027-Q1'],
    },
    periods: [{ value: '2027-Q1', label: 'Q1 2027', group: null }],
    groups: [{ value: '8', label: 'Sea crew', group: null }],
});

const stretch = (name: string, words: string, first: string, last: string): StretchTag => ({
    ...{ name, words, horizon: 'quarter', first, last },
    periods: [quarter({ name, words, first, last })],
});

export const planned = (more: Partial<PlannedGoal> = {}): PlannedGoal => ({
    ...{ goal: goal({ period: '2027-Q2' }), isMain: false, isFirst: false, mayChange: true },
    ...more,
});

export const load = (more: Partial<LoadRow> = {}): LoadRow => ({
    ...{ person: noor, goals: 2, unestimated: 0, planned: 600, efforts: 0, available: 1200, isOver: false, hasMany: false },
    ...more,
});

export const planning = (more: Partial<PlanningView> = {}): PlanningView => ({
    ...{ stretch: stretch('2027-Q2', 'Q2', '2027-04-01', '2027-06-30'), step: 'goals', finishedOn: null },
    ...{ steps: ['look_back', 'direction', 'goals', 'order', 'efforts', 'hours', 'shelve'] },
    ...{ before: stretch('2027-Q1', 'Q1', '2027-01-01', '2027-03-31'), next: stretch('2027-Q3', 'Q3', '2027-07-01', '2027-09-30') },
    ...{ unfinished: [], results: [], tried: [], longTerm: null, direction: null, above: [], alone: [], parts: [] },
    ...{ load: [], shelf: [], people: [noor], written: [] },
    ...more,
});

export const direction = (more: Partial<DirectionView> = {}): DirectionView => ({
    ...{ longTerm: { purpose: null, longTermGoals: [] }, quarters: [], goals: [], mayChange: true },
    year: { period: { ...rail().year }, words: 'More hands on the rope', why: null, main: null },
    ...more,
});

export const closingRow = (more: Partial<ClosingRow> = {}): ClosingRow => ({
    ...{ goal: goal(), mayClose: true },
    offer: {
        ...{ proposed: null, because: null, complete: null, isLateToStop: false, next: '2027-Q2', leaves: null, parents: [], parent: null },
        ...{ projects: [], tasks: 0, recurringTasks: 0, beneath: 0 },
    },
    ...more,
});

export const closing = (more: Partial<ClosingView> = {}): ClosingView => ({
    ...{ period: quarter(), isOver: true, open: [], closed: [], returnOn: '2027-04-01', written: [] },
    ...more,
});
