import type { TaskList } from '../../generated/props';

export const listWords: Record<TaskList, { name: string; what: string; empty: string }> = {
    late: { name: 'Late', what: 'The due date has passed: do it, change the date or drop it.', empty: 'Nothing is late.' },
    today: { name: 'Today', what: 'Planned or due today, by rank.', empty: 'Nothing is planned for today.' },
    week: {
        name: 'This week',
        what: 'Planned or due this week, with what was carried over.',
        empty: 'Nothing is planned for this week.',
    },
    ahead: { name: 'Ahead', what: 'Planned for later, and moved back without a date.', empty: 'Nothing is planned for later.' },
    not_scheduled: { name: 'Not scheduled', what: 'No time given yet. One press schedules it.', empty: 'Everything is scheduled.' },
    waiting: { name: 'Waiting for others', what: 'Waiting for somebody else.', empty: 'You are not waiting for anybody.' },
    to_check: { name: 'To check', what: 'Given to you to check.', empty: 'Nothing to check.' },
    depends: {
        name: 'Depends',
        what: 'Depends on tasks that are not finished.',
        empty: 'Nothing depends on unfinished tasks.',
    },
    helping: { name: 'Helping', what: 'Owned by somebody else, and you help.', empty: 'You are not helping with anything.' },
    free_time: { name: 'Fits my free time', what: 'Can start now and fits the time you have.', empty: 'Nothing fits this time.' },
    focus: { name: 'Full focus', what: 'Can start now and needs full focus.', empty: 'Nothing needs full focus.' },
    place: { name: 'By place', what: 'Grouped by where it is done.', empty: 'No task has a place.' },
    no_activity: {
        name: 'No recent activity',
        what: 'Not planned and unchanged for four weeks or more.',
        empty: 'Everything has had recent activity.',
    },
    finished: { name: 'Finished', what: 'What was completed.', empty: 'Nothing completed since then.' },
};
