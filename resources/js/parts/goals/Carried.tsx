import type { ClosingOffer } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { count } from '../../lib/words';
import { Check } from '../../ui/Check';
import { SelectField } from '../../ui/Select';
import { ClosingAnswer } from './ClosingAnswer';
import type { ClosingValues } from './closing';

interface Props {
    title: string;
    offer: ClosingOffer;
    values: ClosingValues;
    errors: Partial<Record<string, string>>;
    set: (change: Partial<ClosingValues>) => void;
    isParentCarried?: boolean;
}

/** What goes along where a goal is carried on, and what it contributes to then. */
export function Carried(props: Props) {
    return (
        <>
            <Along {...props} />
            {props.offer.leaves !== null && props.isParentCarried !== true && <NewParent {...props} />}
        </>
    );
}

/** The goals beneath it always, its work by choice. */
function Along({ offer, values, set }: Props) {
    const tasks = [
        ...(offer.tasks > 0 ? [count(offer.tasks, 'open task')] : []),
        ...(offer.recurringTasks > 0 ? [count(offer.recurringTasks, 'recurring task')] : []),
    ].join(', ');

    if (offer.beneath === 0 && tasks === '' && offer.projects.length === 0) {
        return null;
    }

    return (
        <ClosingAnswer words="Also carried">
            {offer.beneath > 0 && <p>{count(offer.beneath, 'open goal')} beneath it</p>}
            {tasks !== '' && (
                <Check
                    label={tasks}
                    checked={values.withTasks}
                    onChange={(withTasks) => {
                        set({ withTasks });
                    }}
                />
            )}
            {offer.projects.length > 0 && (
                <Check
                    label={offer.projects.join(', ')}
                    checked={values.withProjects}
                    onChange={(withProjects) => {
                        set({ withProjects });
                    }}
                />
            )}
        </ClosingAnswer>
    );
}

/** Its parent ends before the period in which it goes on. */
function NewParent({ title, offer, values, errors, set }: Props) {
    const next = plannedWords(offer.next);

    return (
        <ClosingAnswer words="Contributes to">
            <p className="text-sm">
                “{offer.leaves?.title}” ends before {next}. Choose what it contributes to then.
            </p>
            <SelectField
                label={`What ${title} contributes to in ${next}`}
                isLabelHidden
                value={values.parent}
                error={errors.parent}
                none="Choose"
                options={[
                    ...offer.parents
                        .toSorted((a, b) => Number(b.value === String(offer.parent)) - Number(a.value === String(offer.parent)))
                        .map((option) => ({ ...option, group: option.group === null ? null : plannedWords(option.group) })),
                    { value: 'none', label: 'No goal' },
                ]}
                onChange={(parent) => {
                    set({ parent });
                }}
            />
        </ClosingAnswer>
    );
}
