import { elif, noor } from '.';
import type {
    AgreedRow,
    DigestRow,
    PeriodFacts,
    QuestionRow,
    ReportView,
    RetrospectiveView,
    ReviewView,
    WeekFacts,
} from '../../../resources/js/generated/props';

/** Reviews and reports, as the server would send them; a test says what is different about them. */

export const week = {
    ...{ name: '2027-W05', words: 'Week 5', first: '2027-02-01', last: '2027-02-07', previous: '2027-W04', next: '2027-W06' },
};

export const weekFacts = (more: Partial<WeekFacts> = {}): WeekFacts => ({
    ...{ asOf: '2027-02-07', minutes: 0, alignment: null, before: null, work: [], moved: [], promised: [], meetings: [] },
    ...{ nextSteps: null, done: 0, late: 0, carried: 0, stuck: 0, withOthers: 0, withoutActivity: 0, tray: 0 },
    ...{ byEffort: [], byArea: [], decisions: [], findings: [], blank: [], appointments: [] },
    ...more,
});

export const periodFacts = (more: Partial<PeriodFacts> = {}): PeriodFacts => ({
    ...{ asOf: '2027-03-31', minutes: 0, alignment: null, before: null, done: 0, goals: [], estimates: null, weeks: [] },
    ...{ byGoal: [], byArea: [], efforts: [], assumptions: [], tradeOffs: [], decisions: [], reviewed: 0, of: 13 },
    ...more,
});

export const question = (more: Partial<QuestionRow> = {}): QuestionRow => ({
    ...{ key: 'went-well', question: 'What went well?', answer: '', id: null, level: null, before: [], isOwn: false },
    ...{ isResting: false, isCheck: false, shares: [], offers: [], isWorthTelling: false, goal: null, goalTitle: null },
    ...more,
});

export const review = (more: Partial<ReviewView> = {}): ReviewView => ({
    ...{ week, heldAt: null, hasBegun: true, facts: weekFacts(), kept: null, questions: [question()], resolutions: [] },
    ...{ month: 'February', leftOver: [], people: [noor], asked: [], ahead: null },
    sharing: { review: null, shares: [], people: [noor, elif], groups: [] },
    ...more,
});

export const digest = (more: Partial<DigestRow> = {}): DigestRow => ({
    ...{ source: 'answer', id: 1, words: 'Ring first, then write.', period: '2027-W05', on: '2027-02-07', link: '/reviews/2027-W05' },
    level: null,
    ...more,
});

export const agreed = (more: Partial<AgreedRow> = {}): AgreedRow => ({
    ...{ id: 3, words: 'Two crews', owner: elif, dueOn: '2027-03-01', isDone: false, sign: 'No day lost.', verdict: null },
    ...{ seen: null, link: '/tasks/9', from: 'The rollout' },
    ...more,
});

export const retrospective = (more: Partial<RetrospectiveView> = {}): RetrospectiveView => ({
    retrospective: {
        ...{ id: 2, title: 'The rollout', on: '2027-02-09', project: null, projectLink: null, first: null, last: null },
        ...{ by: noor, isShown: true, isFinished: false, changes: 0 },
    },
    ...{ holds: true, participants: [noor, elif], written: [], questions: [], changes: [], earlier: [] },
    ...more,
});

export const report = (more: Partial<ReportView> = {}): ReportView => ({
    ...{ isMine: true, words: 'We fitted {done}.', html: '<p>We fitted 12.</p>', sentTo: [], figures: [], lines: [] },
    ...{ people: [noor, elif], groups: [], contacts: [] },
    report: {
        ...{ id: 4, title: 'The quarter', audience: 'team', first: '2027-01-01', last: '2027-03-31', by: noor, sentOn: null },
    },
    ...more,
});
