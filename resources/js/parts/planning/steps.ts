import type { PlanningStep } from '../../generated/props';

/** What each step is called and asks. */
export const stepWords: Record<PlanningStep, { name: string; asks: string }> = {
    look_back: { name: 'Look back', asks: 'What became of the last one, and what of it is unfinished?' },
    bearing: { name: 'Bearing', asks: 'Where are we going, and where should we stand when this is over?' },
    goals: { name: 'Goals', asks: 'What should be true by the end?' },
    first: { name: 'First in line', asks: 'If only a few of them get done, which?' },
    how: { name: 'How', asks: 'Which few activities carry most? What do we try, learn, and give up?' },
    load: { name: 'Load', asks: 'Is it more than people can carry?' },
    shelf: { name: 'Next time', asks: 'What does not fit, and waits on the shelf?' },
};
