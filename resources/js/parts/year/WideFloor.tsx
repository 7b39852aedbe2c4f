import { Beam } from './Beam';
import { Fold } from './Fold';
import { Floor } from './Floor';
import type { YearColumn, YearFloor } from '../../generated/props';

/** How many goals are drawn before the rest folds, worst first. */
const SHOWN = 8;

interface Props {
    floor: YearFloor;
    column: YearColumn;
    aside: string;
    isTop?: boolean;
}

/** The goals of one period, each as a beam over its whole length. */
export function WideFloor({ floor, column, aside, isTop = false }: Props) {
    return (
        <Floor title={floor.horizon === 'year' ? 'Year' : column.period.words} aside={aside} isTop={isTop}>
            <ul className="space-y-2 pt-0.5 pb-4">
                <Fold goals={column.goals} shown={SHOWN}>
                    {(goal) => (
                        <>
                            <Beam goal={goal} size="l" />
                            {goal.quarters.length > 0 && <Placed quarters={goal.quarters} />}
                        </>
                    )}
                </Fold>
            </ul>
        </Floor>
    );
}

/** In which quarters of the year it is worked on, as a line under the beam. */
function Placed({ quarters }: { quarters: number[] }) {
    return (
        <div
            className="mt-0.5 grid grid-cols-4 gap-px"
            title={`worked on in ${quarters.map((quarter) => `Q${String(quarter)}`).join(', ')}`}
        >
            {[1, 2, 3, 4].map((quarter) => (
                <span key={quarter} className={quarters.includes(quarter) ? 'h-px bg-rule' : 'h-px'} />
            ))}
        </div>
    );
}
