import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { task } from '../made';
import { taskView } from '../made/work';
import { TaskRuler } from '../../../resources/js/parts/week/TaskRuler';
import { TaskThread } from '../../../resources/js/parts/week/TaskThread';
import { WhenDone } from '../../../resources/js/parts/week/WhenDone';

describe('the ruler of a task', () => {
    const caption = (more: Parameters<typeof taskView>[0]) => {
        const { container, unmount } = render(<TaskRuler page={taskView(more)} />);
        const words = container.querySelector('figcaption')?.textContent;
        unmount();

        return words;
    };

    it('says in words what it draws', () => {
        expect(caption({ task: task({ planned: '2027-02-12', carried: 2, dueOn: '2027-02-20', isLate: false }) })).toBe(
            'created Wed 20 Jan, planned Fri 12 Feb, carried over twice, due Sat 20 Feb',
        );
        expect(caption({ task: task({ waitingOn: 'the mill', followUpOn: '2027-02-11' }), waitingSince: '2027-02-08' })).toContain(
            'waiting for the mill since Mon 8 Feb, follow up Thu 11 Feb',
        );
        expect(caption({ task: task({ isDone: true, doneOn: '2027-02-09' }) })).toBe('created Wed 20 Jan, done Tue 9 Feb');
    });

    it('draws years between its days no longer than it can be read', () => {
        render(<TaskRuler page={taskView({ createdOn: '2015-01-01', task: task({ dueOn: '2040-01-01' }), waitingSince: '2015-02-01' })} />);
        expect(screen.getByRole('figure').querySelectorAll('.font-mono').length).toBeLessThan(20);
    });
});

describe('what a task is for', () => {
    it('stands as a thread, the nearest last', () => {
        render(
            <TaskThread
                page={taskView({
                    thread: [
                        { value: '/goals/1', label: 'Forty harbours', group: null },
                        { value: '/projects/2', label: 'Moorings', group: null },
                    ],
                })}
            />,
        );
        expect(screen.getAllByRole('link').map(({ textContent }) => textContent)).toEqual(['Forty harbours', 'Moorings']);
    });

    it('is said where it is for nothing', () => {
        render(<TaskThread page={taskView()} />);
        expect(screen.getByText('not linked to a project or goal')).toBeTruthy();
    });
});

describe('when it is done', () => {
    it('the project goes on, and others can start', () => {
        const starts = [{ value: '/tasks/9', label: 'Sign-off', group: null }];
        const { container } = render(<WhenDone effect={{ project: 'Moorings', before: 60, after: 62, starts }} />);
        expect(container.textContent).toBe('When it is doneMoorings60% →  becomes 62%Sign-off can start.');
    });
});
