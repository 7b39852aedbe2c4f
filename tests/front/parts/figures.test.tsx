import { fireEvent, render, screen } from '@testing-library/react';
import { router } from '@inertiajs/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Gauge as GaugeProps } from '../../../resources/js/generated/props';
import { setToday } from '../../../resources/js/lib/dates';
import { Cord } from '../../../resources/js/parts/signs/Cord';
import { Estimate } from '../../../resources/js/parts/task/Estimate';
import { Gauge, GaugeLine, isClosed, Standing } from '../../../resources/js/parts/signs/Gauge';
import { stepWeek, YearRail } from '../../../resources/js/parts/frame/YearRail';
import { gauge, harbours, rail, TODAY } from '../made';
import { server } from '../server';

const addressOf = (week: string) => `/weeks/${week}`;

beforeEach(() => {
    setToday(TODAY);
});

describe('a gauge', () => {
    const parts = () =>
        [...screen.getByRole('img').querySelectorAll<HTMLElement>('span')].map(({ className, style }) => ({ className, style }));
    const find = (name: string) => parts().find(({ className }) => className.includes(name));

    it('says what it shows', () => {
        render(<Gauge gauge={gauge()} />);
        expect(screen.getByRole('img', { name: '58 per cent, expected 74, 16 points behind' })).toBeTruthy();
    });

    it('draws what is done, what is missing today and the pace, to scale', () => {
        render(<Gauge gauge={gauge()} />);
        expect(find('bg-spruce')?.style.width).toBe('58%');
        expect([find('hatch')?.style.left, find('hatch')?.style.width]).toEqual(['58%', '16%']);
        expect(find('bg-chalk')).toBeTruthy();
    });

    it('is crossed where it is far behind, and has nothing missing where it is ahead', () => {
        const { rerender } = render(<Gauge gauge={gauge({ band: 'far_behind', progress: 20 })} />);
        expect(find('hatch-crossed')).toBeTruthy();
        rerender(<Gauge gauge={gauge({ band: 'ahead', progress: 90 })} />);
        expect(find('hatch')).toBeUndefined();
    });

    it('has no pace once it is closed', () => {
        render(<Gauge gauge={gauge({ band: 'in_part' })} />);
        expect(find('bg-chalk')).toBeUndefined();
        expect(find('bg-done')).toBeTruthy();
    });

    it('brackets the forecast, also where that is hardly any span at all', () => {
        const { rerender } = render(<Gauge gauge={gauge({ low: 60, high: 84 })} />);
        expect([find('border-chalk')?.style.left, find('border-chalk')?.style.width]).toEqual(['60%', '24%']);
        rerender(<Gauge gauge={gauge({ low: 60, high: 60 })} />);
        expect(find('border-chalk')?.style.width).toBe('0.6%');
    });

    it('explains itself where that can be had, and only shows where a review has kept it', () => {
        const { rerender } = render(<Gauge gauge={gauge({ why: 'goal 3' })} />);
        expect(screen.getByRole('button').title).toBe('58 per cent, expected 74, 16 points behind. How is this calculated?');
        rerender(<Gauge gauge={gauge({ why: null })} />);
        expect(screen.queryByRole('button')).toBeNull();
    });

    it.each<[GaugeProps['band'], boolean]>([
        ['met', true],
        ['in_part', true],
        ['not_met', true],
        ['stopped', true],
        ['reached', false],
        ['on_pace', false],
    ])('that is %s is closed: %s', (band, is) => {
        expect(isClosed(gauge({ band }))).toBe(is);
    });
});

describe('how something stands, in words', () => {
    it('has a date instead where it is all or nothing, unless it is behind', () => {
        const { rerender } = render(<Standing gauge={gauge({ band: 'on_pace', dueOn: '2027-03-31', standing: 'on pace' })} />);
        expect(screen.getByText('due Wed 31 Mar')).toBeTruthy();
        rerender(<Standing gauge={gauge({ dueOn: '2027-03-31' })} />);
        expect(screen.getByText('16 points behind')).toBeTruthy();
    });

    it('stands with its own terms, and without a ruler where nothing is measured', () => {
        const { rerender } = render(<GaugeLine gauge={gauge()} />);
        expect(screen.getByText('25 of 40')).toBeTruthy();
        expect(screen.getByRole('img')).toBeTruthy();
        rerender(<GaugeLine gauge={gauge({ progress: null, expected: null, terms: 'not measured' })} />);
        expect(screen.queryByRole('img')).toBeNull();
        expect(screen.getByText('not measured')).toBeTruthy();
    });
});

describe('small signs', () => {
    it('a cord says what it is for, and is nothing where there is none', () => {
        const { container, rerender } = render(<Cord cord={harbours} />);
        expect(container.textContent).toBe('for 40 harbours on the new buoyHB');
        rerender(<Cord cord={null} />);
        expect(container.textContent).toBe('');
    });

    it('a bare figure of minutes says its unit, and none has none', () => {
        const { container, rerender } = render(<Estimate minutes={90} />);
        expect(container.textContent).toBe('1\u00a0h\u00a030\u00a0min');
        rerender(<Estimate minutes={null} />);
        expect(container.textContent).toBe('');
    });
});

describe('the year bar', () => {
    const show = (more = {}) => render(<YearRail rail={rail(more)} thisWeek="2027-W06" selected="2027-W03" addressOf={addressOf} />);
    const week = (number: number) => screen.getByRole('link', { name: new RegExp(`^Week ${String(number)},`) });
    const stops = () => screen.getAllByRole('link', { name: /^Week / }).filter(({ tabIndex }) => tabIndex === 0);

    it('has a cell for each week that says its days, its share and whether it was reviewed', () => {
        show();
        expect(screen.getAllByRole('link', { name: /^Week / })).toHaveLength(8);
        expect(week(2).getAttribute('aria-label')).toBe(
            'Week 2, Mon 11 Jan to Sun 17 Jan, 80 per cent of the work contributed to goals, reviewed',
        );
        expect(week(6).getAttribute('aria-label')).toBe('Week 6, Mon 8 Feb to Sun 14 Feb, now');
        expect(week(3).getAttribute('href')).toBe('/weeks/2027-W03');
    });

    it('is one stop of the Tab key, with arrows inside that stay at the ends', () => {
        show();
        expect(stops()).toEqual([week(3)]);
        week(3).focus();
        const ways = ['ArrowRight', 'ArrowDown', 'ArrowDown', 'ArrowLeft', 'ArrowUp', 'ArrowUp'].map((key) => {
            fireEvent.keyDown(document.activeElement ?? document.body, { key });

            return document.activeElement?.getAttribute('href');
        });
        expect(ways).toEqual(['2027-W04', '2027-W08', '2027-W08', '2027-W07', '2027-W03', '2027-W01'].map(addressOf));
    });

    it('stops at its first week where the one on show is of another year', () => {
        render(<YearRail rail={rail()} thisWeek="2027-W06" selected="2026-W40" addressOf={addressOf} />);
        expect(stops()).toEqual([week(1)]);
    });

    it('leads to the years beside it, and says the motto', () => {
        show();
        expect(screen.getByRole('link', { name: 'The year before, 2026' }).getAttribute('href')).toContain('/year/2026');
        expect(screen.getByRole('link', { name: 'The year after, 2028' }).getAttribute('href')).toContain('/year/2028');
        expect(screen.getByText('More hands on the rope')).toBeTruthy();
    });

    it('goes a week back or on, and no further than the year', () => {
        const visit = vi.spyOn(router, 'visit');
        stepWeek(rail(), '2027-W03', -1, addressOf);
        stepWeek(rail(), '2027-W03', 1, addressOf);
        stepWeek(rail(), '2027-W08', 1, addressOf);
        stepWeek(rail(), '2027-W01', -1, addressOf);
        expect(visit.mock.calls.map(([to]) => to)).toEqual(['/weeks/2027-W02', '/weeks/2027-W04']);
        expect(server.sent).toHaveLength(2);
    });
});
