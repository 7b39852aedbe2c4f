import type { Frame } from '../generated/props';
import { route } from './routes';
import { setting } from './kept/setting';

export interface Section {
    name: string;
    href: string;
    /** The pages that belong to it: "lists/", or one of them, "capture/Shelf". */
    pages: string[];
}

export interface Room {
    name: string;
    /** After g. */
    key: string;
    href: string;
    sections: Section[];
}

const quarterOf = (frame: Frame | null | undefined) => frame?.rail.quarters.find((quarter) => quarter.isNow) ?? frame?.rail.quarters[0];

/** The rooms in their order: four of doing, four of steering. A room's sections are the pages that one reaches from within it. */
export function rooms(frame: Frame | null | undefined): Room[] {
    const quarter = quarterOf(frame)?.name ?? '';
    const one = (name: string, href: string, ...pages: string[]): Section[] => [{ name, href, pages }];

    return [
        {
            name: 'Day',
            key: 'd',
            href: route('day'),
            sections: [
                { name: 'Day', href: route('day'), pages: ['day/Day', 'day/CatchUp'] },
                { name: 'Log', href: route('log'), pages: ['day/Log'] },
            ],
        },
        {
            name: 'Week',
            key: 'w',
            href: route('week.current'),
            sections: [
                { name: 'Week', href: route('week.current'), pages: ['week/Week'] },
                { name: 'What got done', href: route('done'), pages: ['week/Done'] },
            ],
        },
        {
            name: 'Lists',
            key: 'l',
            href: route('lists'),
            sections: [
                { name: 'Tasks', href: route('lists'), pages: ['lists/'] },
                { name: 'Recurring tasks', href: route('recurring-tasks.index'), pages: ['week/RecurringTask'] },
                { name: 'Shelf', href: route('shelf'), pages: ['direction/Shelf'] },
            ],
        },
        { name: 'Meetings', key: 'm', href: route('meetings.index'), sections: one('Meetings', route('meetings.index'), 'meetings/') },
        {
            name: 'Projects',
            key: 'p',
            href: route('projects.index'),
            sections: [
                { name: 'Projects', href: route('projects.index'), pages: ['projects/Register', 'projects/Project'] },
                { name: 'Areas and clients', href: route('areas.index'), pages: ['direction/Area'] },
                { name: 'Templates', href: route('templates.index'), pages: ['projects/Template', 'projects/Start'] },
            ],
        },
        {
            name: 'Goals',
            key: 'g',
            href: route('year'),
            sections: [
                { name: 'Year', href: route('year'), pages: ['goals/Year', 'goals/Goal'] },
                { name: 'Direction', href: route('direction'), pages: ['direction/Direction'] },
                { name: 'Plan', href: route('planning', quarter), pages: ['direction/Planning'] },
                { name: 'Close the quarter', href: route('closing', quarter), pages: ['direction/Closing'] },
            ],
        },
        {
            name: 'Reviews',
            key: 'r',
            href: route('reviews.index'),
            sections: [
                {
                    name: 'Reviews',
                    href: route('reviews.index'),
                    pages: ['reviews/Review', 'reviews/PeriodReview', 'reviews/Answers', 'reviews/Shared'],
                },
                { name: 'The team’s week', href: route('reviews.team-now'), pages: ['reviews/Team'] },
                { name: 'Retrospectives', href: route('retrospectives.index'), pages: ['reviews/Retrospective'] },
                { name: 'Reports', href: route('reports.index'), pages: ['reviews/Report'] },
                { name: 'Worth telling', href: route('worth-telling.index'), pages: ['reviews/WorthTelling'] },
                { name: 'Thinning out', href: route('thinning.index'), pages: ['reviews/Thinning'] },
            ],
        },
        { name: 'People', key: 'o', href: route('people.index'), sections: one('People', route('people.index'), 'people/People') },
    ];
}

/** The section that a page belongs to; undefined for a page of no room, as a task’s or one’s own account. */
export function sectionOf(all: Room[], component: string): { room: Room; section: Section } | undefined {
    for (const room of all) {
        const section = room.sections.find(({ pages }) => pages.some((page) => component.startsWith(page)));

        if (section !== undefined) {
            return { room, section };
        }
    }

    return undefined;
}

const last = setting('last-page-of-a-room', 'page');

/** Where one was last in a room: a task keeps the room that it was opened from, with a way back. */
export const lastPlace = {
    keep: (room: string, section: string, href: string) => {
        last.set(JSON.stringify({ room, section, href }));
    },
    get: (): { room: string; section: string; href: string } | null => {
        const kept: unknown = JSON.parse(last.get() ?? 'null');

        return typeof kept === 'object' && kept !== null && 'room' in kept && 'section' in kept && 'href' in kept
            ? { room: String(kept.room), section: String(kept.section), href: String(kept.href) }
            : null;
    },
};
