import type { ReportAudience } from '../../generated/props';

/** For whom a report can be, and what it is then about. */
export const audiences: { value: ReportAudience; label: string }[] = [
    { value: 'team', label: 'the team: everybody’s work' },
    { value: 'board', label: 'the board: the goals of the year and the quarter' },
    { value: 'manager', label: 'a manager: my own work' },
];
