import { elif, mei, noor, task } from '.';
import type { AttendanceRow, FollowUpRow, IssueRow, ItemRow, RoomView, SeriesRow } from '../../../resources/js/generated/props';

/** A meeting that runs, as the server would send it; a test says what is different about it. */

export const series: SeriesRow = {
    ...{ id: 2, title: 'Quay hour', purpose: 'Who needs what', rule: 'every Wednesday', time: '08:40', zone: null, minutes: 30 },
    ...{ isPrivate: false, next: '2027-02-17', running: 31, openIssues: 2, held: 22 },
};

export const item = (more: Partial<ItemRow> = {}): ItemRow => ({
    ...{ id: 5, kind: 'standing', title: 'Harbours', state: 'coming', at: '08:40', minutes: 8, extra: 0, spent: null, who: null },
    ...{ cord: null, look: null, issue: null, outcome: null, lines: [], ownNotes: '', decisions: [], nextSteps: [] },
    ...more,
});

export const issue = (more: Partial<IssueRow> = {}): IssueRow => ({
    ...{ id: 14, title: 'Second modem supplier', context: null, need: 'decision', rank: 'B', minutes: 7 },
    ...{ raisedBy: elif, raisedOn: '2027-01-27', waited: 0, for: null, cord: null },
    ...more,
});

/** An issue as an item of the agenda. */
export const issueItem = (more: Partial<ItemRow> = {}, about: Partial<IssueRow> = {}): ItemRow =>
    item({ id: 6, kind: 'issue', title: 'Second modem supplier', minutes: 7, issue: issue(about), ...more });

export const followUp = (more: Partial<FollowUpRow> = {}): FollowUpRow => ({
    ...{ task: task({ id: 40, owner: mei, dueOn: '2027-02-05', isLate: true }), answer: null, words: null, until: null },
    ...more,
});

export const attendance = (more: Partial<AttendanceRow> = {}): AttendanceRow => ({
    ...{ id: 61, personId: noor.id, name: noor.name, wasThere: true },
    ...more,
});

export const room = (more: Partial<RoomView> = {}): RoomView => ({
    ...{ id: 31, series, on: '2027-02-10', number: 23, minutes: 30, begins: '08:40', ends: '09:10', elapsed: 0, isPaused: false },
    ...{ chair: noor.name, minuteTaker: elif.name, summary: null, draft: '', drops: null, followUps: [], toConfirm: [] },
    ...{ unconfirmed: [], attendances: [], people: [noor, elif, mei], raisedMeanwhile: [], projects: [], goals: [], points: [] },
    ...{ otherMeetings: [], by: '2027-02-17', mayRun: true, mayCorrect: false },
    items: [item({ state: 'current', spent: 60 }), issueItem()],
    ...more,
});
