import type { PlanningStep } from '../../generated/props';

/** What each step is called and asks. */
export const stepWords: Record<PlanningStep, { name: string; asks: string }> = {
    look_back: { name: 'Look back', asks: 'How did the last one end, and what is unfinished?' },
    direction: { name: 'Direction', asks: 'Where are we going, and where should we be at the end?' },
    goals: { name: 'Goals', asks: 'What should be true by the end?' },
    order: { name: 'Order', asks: 'If only a few get done, which?' },
    efforts: { name: 'Efforts', asks: 'Which few activities carry the goals? What do we assume, and what do we leave undone?' },
    hours: { name: 'Hours', asks: 'Does it fit the hours people have?' },
    shelve: { name: 'Shelve', asks: 'What does not fit and goes on the shelf?' },
};
