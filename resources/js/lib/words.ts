import type { FollowUpAnswer, Need, Outcome, Rank, Result, Verdict } from '../generated/props';

/** What waiting costs, in words: the reason for a rank. */
export function rankWords(rank: Rank | null): string {
    switch (rank) {
        case 'A':
            return 'gets worse each week';
        case 'B':
            return 'costs something';
        case 'C':
            return 'costs nothing';
        default:
            return 'not ranked';
    }
}

export const needWords: Record<Need, string> = {
    decision: 'a decision',
    answer: 'an answer',
    information: 'everyone informed',
    help: 'help',
};

export const outcomeWords: Record<Outcome, string> = {
    decided: 'decided',
    answered: 'answered',
    next_steps: 'next steps',
    project: 'made a project',
    goal: 'made a goal',
    next_time: 'to the next meeting',
    other_meeting: 'to another meeting',
    shelved: 'shelved',
    dropped: 'dropped',
};

export const followUpWords: Record<FollowUpAnswer, string> = {
    done: 'Done',
    not_yet: 'Not yet',
    help: 'Help needed',
    held_up: 'Held up',
};

/** "1st", "22nd", "13th" */
export function ordinal(number: number): string {
    const tail = number % 100 > 10 && number % 100 < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][number % 10] ?? 'th');

    return `${String(number)}${tail}`;
}

export const first = (name: string) => name.split(' ')[0] ?? name;

/** "1 task", "3 tasks" */
export const count = (number: number, one: string, many = `${one}s`) => `${String(number)} ${number === 1 ? one : many}`;

/** How often: "once", "twice", "3 times". */
export const times = (count: number) => (count === 1 ? 'once' : count === 2 ? 'twice' : `${String(count)} times`);

export const verdictWords: Record<Verdict, string> = { done: 'done', not_done: 'not done', trying: 'still trying' };

export const resultWords: Record<Result, string> = { met: 'met', in_part: 'in part', not_met: 'not met', stopped: 'stopped' };
