import type { Cord, Frame, Gauge, PersonTag, Rail, TaskRow } from '../../../resources/js/generated/props';

/** What pages are made of, as the server would send it; a test says what is different about it. */

export const TODAY = '2027-02-09';

export const noor: PersonTag = { id: 1, name: 'Noor Aksoy', initials: 'NA' };
export const elif: PersonTag = { id: 2, name: 'Elif Demir', initials: 'ED' };
export const mei: PersonTag = { id: 3, name: 'Mei Tanaka', initials: 'MT' };

export const harbours: Cord = { mark: 'HB', tone: 1, title: '40 harbours on the new buoy' };

export const task = (more: Partial<TaskRow> = {}): TaskRow => ({
    id: 7,
    title: 'Ring the harbour office',
    isDone: false,
    doneOn: null,
    owner: noor,
    minutes: null,
    rank: null,
    focus: null,
    dueOn: null,
    dueAt: null,
    isLate: false,
    planned: null,
    plannedAt: null,
    carried: 0,
    asks: false,
    waitingOn: null,
    followUpOn: null,
    isInProgress: false,
    checkedBy: null,
    for: null,
    forLink: null,
    stageId: null,
    recurringTask: null,
    rhythm: null,
    stepsDone: 0,
    steps: 0,
    isPrivate: false,
    isAside: false,
    isWorthTelling: false,
    cord: null,
    after: null,
    afterStage: null,
    ...more,
});

export const gauge = (more: Partial<Gauge> = {}): Gauge => ({
    progress: 58,
    expected: 74,
    band: 'behind',
    terms: '25 of 40',
    standing: '16 points behind',
    spoken: '58 per cent, expected 74, 16 points behind',
    low: null,
    high: null,
    dueOn: null,
    own: null,
    why: null,
    ...more,
});

/** Weeks 1 to 8 of 2027; it is the sixth. */
export const rail = (more: Partial<Rail> = {}): Rail => ({
    year: { name: '2027', words: '2027', first: '2027-01-01', last: '2027-12-31', previous: '2026', next: '2028' },
    motto: 'More hands on the rope',
    mainGoal: null,
    quarters: [{ name: '2027-Q1', label: 'Q1', words: 'Type approval', weeks: 8, isNow: true }],
    weeks: Array.from({ length: 8 }, (_, at) => ({
        name: `2027-W0${String(at + 1)}`,
        number: at + 1,
        first: new Date(Date.UTC(2027, 0, 4 + 7 * at)).toISOString().slice(0, 10),
        last: new Date(Date.UTC(2027, 0, 10 + 7 * at)).toISOString().slice(0, 10),
        share: at < 5 ? 0.8 : null,
        isReviewed: at < 4,
        isMissed: at === 4,
        isPast: at < 5,
    })),
    ...more,
});

export const frame = (more: Partial<Frame> = {}): Frame => ({
    me: noor,
    role: 'lead',
    workspace: 'Saltglass Instruments',
    today: TODAY,
    thisWeek: '2027-W06',
    rail: rail(),
    times: [{ value: '2027-W06', label: '8–14 Feb, this one', group: 'week' }],
    calendar: { weekStartsOn: 1, yearStartsIn: 1, daysOff: [6, 7], holidays: [] },
    tray: 3,
    updates: 0,
    alert: null,
    monthFirst: false,
    ...more,
});
