import type { TaskList } from '../../generated/props';

export const listWords: Record<TaskList, { name: string; what: string; empty: string }> = {
    late: { name: 'Late', what: 'Its date has passed: do it, give it a new one, or let it go.', empty: 'Nothing is late.' },
    today: { name: 'Today', what: 'Planned for today or due today, ranked.', empty: 'Nothing is planned for today.' },
    week: {
        name: 'This week',
        what: 'Planned for this week or due in it, with what came along.',
        empty: 'Nothing is planned for this week.',
    },
    ahead: { name: 'Ahead', what: 'Planned for later, and what was put back without a date.', empty: 'Nothing lies ahead.' },
    undated: { name: 'Undated', what: 'Never given a time. One press gives it one.', empty: 'Everything has its time.' },
    waiting: { name: 'With others', what: 'It waits on somebody.', empty: 'You wait on nobody.' },
    look_over: { name: 'To look over', what: 'Others gave it to you to look over.', empty: 'Nothing is waiting for your eyes.' },
    helping: { name: 'Helping', what: 'It is somebody else’s, and you help.', empty: 'You help with nothing at present.' },
    gap: { name: 'Fits my gap', what: 'Can be done now, in the time you have.', empty: 'Nothing is that short.' },
    attention: { name: 'Full attention', what: 'Can be done now, and wants all of you.', empty: 'Nothing asks for full attention.' },
    place: { name: 'By place', what: 'Where it has to be done.', empty: 'No task says where it is done.' },
    untouched: { name: 'Untouched', what: 'Not planned, and unchanged for four weeks or more.', empty: 'Nothing lies untouched.' },
    finished: { name: 'Finished', what: 'What got done.', empty: 'Nothing since then.' },
};
