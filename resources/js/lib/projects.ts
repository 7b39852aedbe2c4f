import type { RegisterRow } from '../generated/props';

/** Whether a project is stuck only because nobody has given it a task yet: it has just begun, and nothing is wrong. */
export const hasNoTasks = (project: Pick<RegisterRow, 'gauge'>) => project.gauge.progress === null;
