import { act, fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { HoursCell, Invitation, People as PeopleProps, PersonRow } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { send } from '../../../resources/js/lib/queue/queue';
import Account from '../../../resources/js/pages/people/Account';
import Notifications from '../../../resources/js/pages/people/Notifications';
import People from '../../../resources/js/pages/people/People';
import { choices, choose, press, said, write } from '../hand';
import { elif, mei, noor, TODAY } from '../made';
import { crew } from '../made/forms';
import { week } from '../made/reviews';
import { path, server } from '../server';

beforeEach(() => {
    setToday(TODAY);
});

const cell = (more: Partial<HoursCell> = {}): HoursCell => ({
    ...{ week: '2027-W06', taken: 300, planned: 900, available: 1200, free: 300, against: 0 },
    ...more,
});

const person = (more: Partial<PersonRow> = {}): PersonRow => ({
    ...{ person: noor, role: 'lead', email: 'noor@saltglass.example', weeklyHours: 40, active: 2, open: 9, late: 0, hours: [cell()] },
    ...{ kept: [], isAside: false },
    ...more,
});

const people = (more: Partial<PeopleProps> = {}): PeopleProps => ({
    ...{ people: [person(), person({ person: elif, role: 'member', email: 'elif@saltglass.example' })], groups: [crew], weeks: [week] },
    ...{ mayAdd: true, invitations: [], ...more },
});

const row = (name: string) =>
    within(screen.getByRole('rowheader', { name: new RegExp(`${name}.*example`) }).closest('tr') ?? document.body);

describe('who has how much', () => {
    it('says what is free and what is over, and how many meetings lie across protected hours', () => {
        const full = cell({ week: '2027-W07', planned: 1500, free: -300, against: 2 });
        render(<People page={people({ people: [person({ hours: [cell(), full] })] })} />);
        const [free, over] = screen.getAllByRole('link', { name: /free|over/ });
        expect(free?.textContent).toBe('5\u00a0h free');
        expect(over?.textContent).toBe('5\u00a0h over2 across protected hours');
        expect(over?.getAttribute('href')).toContain('/weeks/2027-W07?who=1');
    });

    it('puts protected hours of several days in one line', () => {
        const kept = (id: number, weekday: string, from = '09:00') => ({ id, weekday, from, until: '11:00', kind: 'work' }) as const;
        render(
            <People page={people({ people: [person({ kept: [kept(1, 'wednesday'), kept(2, 'monday'), kept(3, 'friday', '08:00')] })] })} />,
        );
        expect(screen.getByText(/^Mon?, We/)).toBeTruthy();
        expect(screen.getByText(/^Fr/)).toBeTruthy();
    });

    it('leaves out the hours of who has left, and calls them so', () => {
        render(<People page={people({ people: [person({ hours: [], isAside: true })] })} />);
        expect(screen.getByText('left')).toBeTruthy();
        expect(screen.queryByText(/h free/)).toBeNull();
    });

    it('is loud about what is late', () => {
        render(<People page={people({ people: [person({ late: 3 })] })} />);
        expect(screen.getByText('3').className).toContain('persimmon');
    });
});

describe('accounts', () => {
    it('are added with a role and hours, and what was typed stays where it is refused', async () => {
        render(<People page={people()} />);
        await press('Add a person');
        write('Name', 'Lucía Herrera');
        write('E-mail address', 'elif@saltglass.example');
        await choose('Role', 'Lead');
        await userEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Add' }));
        expect((await server.last()).data).toEqual({
            ...{ name: 'Lucía Herrera', email: 'elif@saltglass.example', role: 'lead', weeklyHours: '40' },
        });
        await (await server.last()).refuses({ email: 'Somebody has this address already.' });
        expect(await screen.findByText('Somebody has this address already.')).toBeTruthy();
        expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Lucía Herrera');
    });

    it('change only what was changed', async () => {
        render(<People page={people()} />);
        await userEvent.click(row('Elif').getByRole('button', { name: 'Edit' }));
        write('Hours a week', '24');
        await press('Save');
        expect(await said()).toEqual(['put', '/people/2', { weeklyHours: '24', seen: { weeklyHours: '40' } }]);
    });

    it('are deactivated once somebody takes over what they own', async () => {
        render(<People page={people({ people: [person(), person({ person: elif }), person({ person: mei, isAside: true })] })} />);
        await userEvent.click(row('Elif').getByRole('button', { name: 'Edit' }));
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Deactivate' }).disabled).toBe(true);
        expect(await choices('New owner')).toEqual(['Choose a new owner', noor.name]);
        await choose('New owner', noor.name);
        await press('Deactivate');
        expect(await said()).toEqual(['post', '/people/2/aside', { heir: '1' }]);
        await (await server.last()).refuses({ heir: 'Elif owns a goal that Noor may not see.' });
        expect(await screen.findByText('Elif owns a goal that Noor may not see.')).toBeTruthy();
    });

    it('that were set aside come back by one press', async () => {
        render(<People page={people({ people: [person({ person: mei, isAside: true })] })} />);
        await press('Reactivate');
        expect((await server.last()).url).toContain('/people/3/back');
    });

    it('are the leads’ to change', () => {
        render(<People page={people({ mayAdd: false })} />);
        expect(screen.queryByRole('button', { name: /Edit|Add/ })).toBeNull();
    });

    it('show the link of who is new once, to be copied', async () => {
        const writeText = vi.fn(() => Promise.resolve());
        render(<People page={people()} />);
        send({ method: 'post', url: '/people' });
        const sent = await server.last();
        await act(() => sent.takes({ link: { name: 'Lucía', address: 'https://saltglass.example/access/abc' } }));
        Object.defineProperty(navigator, 'clipboard', { value: { writeText }, configurable: true });
        fireEvent.click(screen.getByRole('button', { name: 'Copy' }));
        expect(screen.getByText(/Lucía can choose a password with this link/)).toBeTruthy();
        expect(writeText).toHaveBeenCalledWith('https://saltglass.example/access/abc');
    });
});

describe('groups', () => {
    it('are named, with who is in them', async () => {
        render(<People page={people()} />);
        await press('Add a group');
        const dialog = within(screen.getByRole('dialog'));
        write('Name', 'Leads');
        await userEvent.click(dialog.getByLabelText(noor.name));
        await userEvent.click(dialog.getByRole('button', { name: 'Add' }));
        expect((await server.last()).data).toEqual({ name: 'Leads', people: [1] });
    });

    it('change, and are deleted, which may be refused', async () => {
        render(<People page={people()} />);
        await press('Edit the group Sea crew');
        await userEvent.click(within(screen.getByRole('dialog')).getByLabelText(noor.name));
        await press('Save');
        expect((await server.last()).data).toEqual({ people: [2, 1], seen: { people: [2] } });
        await (await server.last()).refuses({ people: 'Mei would lose sight of her project.' });
        expect(await screen.findByText('Mei would lose sight of her project.')).toBeTruthy();
        await press('Delete group');
        expect(await server.nth(2)).toMatchObject({ method: 'delete', url: expect.stringContaining('/groups/8') as string });
    });
});

describe('one’s own account', () => {
    const sessions = [
        { isThis: true, device: 'Firefox on Linux', address: '10.0.0.4', on: '2027-02-09', at: '09:12' },
        { isThis: false, device: 'Chrome on Android', address: '10.0.0.9', on: '2027-02-07', at: '18:40' },
    ];

    it('changes its password, and forgets both once it is changed', async () => {
        render(<Account page={{ email: 'noor@saltglass.example', sessions }} />);
        write('Current password', 'old words');
        write('New password', 'quite new words');
        await press('Change password');
        expect((await server.last()).data).toEqual({ current: 'old words', password: 'quite new words' });
        await (await server.last()).takes();
        expect(screen.getByLabelText<HTMLInputElement>('Current password').value).toBe('');
    });

    it('keeps no password in the browser', () => {
        render(<Account page={{ email: 'noor@saltglass.example', sessions }} />);
        write('New password', 'quite new words');
        expect(Object.values(Object.fromEntries(Object.entries(localStorage))).join()).not.toContain('quite new words');
    });

    it('says where one is signed in, and ends all of it', async () => {
        render(<Account page={{ email: 'noor@saltglass.example', sessions }} />);
        expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
            'Firefox on Linuxthis device10.0.0.4, last used Tue 9 Feb, 09:12',
            'Chrome on Android10.0.0.9, last used Sun 7 Feb, 18:40',
        ]);
        await press('Sign out everywhere');
        expect((await server.last()).method).toBe('post');
    });
});

describe('what one is told of', () => {
    const letter = { id: 1, on: '2027-02-08', at: '06:30', to: null, subject: 'Three things today', body: 'Ring the mill.' };

    it('is chosen by what happened, with the places that make sense for it', async () => {
        render(
            <Notifications
                page={{
                    notificationChoices: [
                        { event: 'comment', delivery: 'updates' },
                        { event: 'meeting', delivery: 'morning' },
                    ],
                    letters: [],
                }}
            />,
        );
        expect(await choices(/A meeting of yours is tomorrow/)).toEqual(['on the Meetings page', 'by e-mail the day before']);
        await choose('New comment on work you own or help with', 'never');
        expect((await server.last()).data).toEqual({ event: 'comment', delivery: 'nowhere' });
    });

    it('shows the e-mails that went out', () => {
        render(<Notifications page={{ notificationChoices: [], letters: [letter] }} />);
        expect(screen.getByText('Three things today', { exact: false })).toBeTruthy();
        expect(screen.queryByText('None yet.')).toBeNull();
    });
});

describe('invitations', () => {
    const invited: Invitation = {
        ...{ person: elif, email: 'elif@saltglass.example', role: 'member', invitedOn: '2027-02-01', until: '2027-02-15', isOver: false },
    };

    it('are listed with how long their link is good, renewed and withdrawn', async () => {
        render(<People page={people({ invitations: [invited] })} />);
        expect(screen.getByText('member, invited Mon 1 Feb, link good until Mon 15 Feb')).toBeTruthy();
        await press('Invite Elif Demir again');
        expect(path((await server.last()).url)).toBe('/people/2/link');
        await (await server.last()).takes();
        await press('Withdraw the invitation of Elif Demir');
        const sent = await server.last();
        expect([sent.method, path(sent.url)]).toEqual(['delete', '/people/2/invitation']);
    });

    it('say when their link has expired, and are not there where nobody is awaited', () => {
        const { rerender } = render(<People page={people({ invitations: [{ ...invited, isOver: true }] })} />);
        expect(screen.getByText('the link has expired')).toBeTruthy();
        rerender(<People page={people()} />);
        expect(screen.queryByText('Invited, not signed in yet')).toBeNull();
    });
});
