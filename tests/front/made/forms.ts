import { elif, mei, noor } from '.';
import { series } from './meeting';
import type { DecisionsView, GroupRow, Option, SeriesFormView, SeriesValues, SeriesView } from '../../../resources/js/generated/props';

/** Meetings before they begin, as the server would send them; a test says what is different about them. */

export const option = (value: string, label: string, group: string | null = null): Option => ({ value, label, group });

export const crew: GroupRow = { id: 8, name: 'Sea crew', people: [elif] };

export const seriesForm = (more: Partial<SeriesValues> = {}): SeriesFormView => ({
    series: {
        ...{ id: 2, title: 'Quay hour', purpose: '', rule: 'FREQ=WEEKLY;BYDAY=WE', startsOn: '2027-01-06', time: '08:40' },
        ...{ minutes: 30, openingMinutes: 0, isPrivate: false, attendees: [noor.id], standing: [], closingMinutes: 2 },
        ...{ rotatesEvery: 1, parts: null, project: null, area: null, guests: [], groups: [], timezone: null, appliesFrom: null },
        ...more,
    },
    ...{ people: [noor, elif, mei], areas: [], groups: [crew], zones: ['Europe/Lisbon'] },
    goals: [option('4', '40 harbours')],
    projects: [option('3', 'Moorings')],
    contacts: [option('6', 'Sten'), option('7', 'Ada')],
});

export const seriesView = (more: Partial<SeriesView> = {}): SeriesView => ({
    ...{ series, attendees: [noor, elif], guests: [], chair: null, minuteTaker: null, followUps: [], held: [], projects: [] },
    ...{ against: [], coming: [], points: [], belongsTo: [], changes: null, tray: 0, goals: [], mayRun: true, mayChange: true },
    agenda: { items: [], wontFit: [], ends: '09:10', spare: 12, arranged: [] },
    ...more,
});

export const decisions = (more: Partial<DecisionsView> = {}): DecisionsView => ({
    ...{ words: '', who: null, decisions: [], minutes: [], people: [noor, elif], goals: [], projects: [] },
    ...more,
});
