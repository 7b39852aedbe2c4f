import { Beam } from './Beam';
import type { GoalRow, Sheet } from '../../generated/props';

/** The same content as the drawing, as nested headings and lists. */
export function Outline({ sheet }: { sheet: Sheet }) {
    const floors: { title: string; goals: GoalRow[] }[] = [
        { title: `Year ${sheet.year.name}`, goals: sheet.goals },
        ...[...sheet.quarters, ...sheet.months].map((column) => ({
            title: `${column.period.words}${column.isNow ? ', now' : ''}`,
            goals: column.goals,
        })),
        ...sheet.weeks.map((week) => ({ title: `${week.period.words}${week.isNow ? ', now' : ''}`, goals: week.goals })),
    ];

    return (
        <div className="mx-auto max-w-3xl pb-8">
            {floors
                .filter((floor) => floor.goals.length > 0)
                .map((floor) => (
                    <section key={floor.title} className="mt-4 border-t border-rule pt-2">
                        <h2 className="mb-2 text-sm">{floor.title}</h2>
                        <ul className="space-y-3">
                            {floor.goals.map((goal) => (
                                <li key={goal.id}>
                                    <Beam goal={goal} />
                                </li>
                            ))}
                        </ul>
                    </section>
                ))}
        </div>
    );
}
