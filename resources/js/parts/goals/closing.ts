import type { Rest, Result } from '../../generated/props';

/** What is said of a goal as it is closed. */
export interface ClosingValues {
    result: Result | '';
    score: string;
    line: string;
    rest: Rest | '';
    titles: string;
    returnOn: string;
    /** What it contributes to in the period it goes on in: the id of a goal, `none`, or nothing while it was not said. */
    parent: string;
    withTasks: boolean;
    withProjects: boolean;
}

export const nothingChosen: ClosingValues = {
    result: '',
    score: '',
    line: '',
    rest: '',
    titles: '',
    returnOn: '',
    parent: '',
    withTasks: true,
    withProjects: true,
};
