import type { RegisterRow } from '../generated/props';

/** Whether a project is stuck only because nobody has given it a task yet: it has just begun, and nothing is wrong. */
export const hasNoTasks = (project: Pick<RegisterRow, 'gauge'>) => project.gauge.progress === null;

/** What it means that the last stage of a project holds what is done. */
export const lastMeansDone = (stage: string): string =>
    `${stage === '' ? 'The last stage' : `“${stage}”`} means done: a task moved there is ticked`;
