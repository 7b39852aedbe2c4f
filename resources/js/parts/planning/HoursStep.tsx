import { clsx } from 'clsx';
import { LoadRuler, scaleOf, unknownWords } from './LoadBeside';
import { Section } from '../signs/Section';
import type { LoadRow, PlanningView } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { TableHead } from '../../ui/TableHead';

/** What each person has promised for the stretch against the time there is. */
export function HoursStep({ page }: { page: PlanningView }) {
    const scale = scaleOf(page.load);
    const over = page.load.filter((row) => row.isOver || row.hasMany);
    const unknown = unknownWords(page.load);

    return (
        <Section
            title={
                over.length === 0
                    ? unknown === ''
                        ? 'It fits'
                        : 'What is estimated fits'
                    : `${over.map((row) => row.person.name).join(', ')}: over`
            }
            aside="Open tasks planned or due in this period, and what main efforts take besides, against the hours that are left."
        >
            {unknown !== '' && <p className="mb-2 font-semibold">{unknown}</p>}
            <table className="w-full">
                <TableHead
                    columns={[
                        { words: 'who', className: 'text-left' },
                        { words: 'goals', className: 'w-28 text-right' },
                        { words: 'planned', className: 'w-32 text-right' },
                        { words: 'available', className: 'w-32 text-right' },
                        { words: 'share', className: 'w-56 pl-6 text-left', isHidden: true },
                    ]}
                />
                <tbody>
                    {page.load.map((row) => (
                        <Row key={row.person.id} row={row} scale={scale} />
                    ))}
                </tbody>
            </table>
        </Section>
    );
}

function Row({ row, scale }: { row: LoadRow; scale: number }) {
    return (
        <tr className="border-b border-hairline">
            <th scope="row" className="py-1.5 text-left font-semibold">
                {row.person.name}
            </th>
            <td className={clsx('text-right font-mono', row.hasMany && 'font-semibold text-persimmon')}>
                {row.goals}
                {row.hasMany && <span className="block font-sans text-xs">too many at once</span>}
                {row.unestimated > 0 && <span className="block font-sans text-xs text-ink-2">{row.unestimated} without estimates</span>}
            </td>
            <td className={clsx('text-right font-mono', row.isOver && 'font-semibold text-persimmon')}>{hoursWords(row.planned)}</td>
            <td className="text-right font-mono text-ink-2">{hoursWords(row.available)}</td>
            <td className="pl-6">
                <LoadRuler row={row} scale={scale} />
            </td>
        </tr>
    );
}
