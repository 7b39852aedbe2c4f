import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import { count } from '../../lib/words';
import type { AreaKind, AreaRow, Areas as AreasProps } from '../../generated/props';
import { route } from '../../lib/routes';
import { Empty, Section } from '../../parts/signs/Section';
import { AreaForm } from '../../parts/direction/AreaForm';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';

const groups: { kind: AreaKind; title: string; what: string }[] = [
    { kind: 'area', title: 'Areas', what: 'Lasting responsibilities.' },
    { kind: 'client', title: 'Clients', what: 'With the contacts we have there.' },
    { kind: 'role', title: 'Roles', what: 'Duties held by one person.' },
];

export default function Areas({ page }: { page: AreasProps }) {
    const [isOpen, setOpen] = useState(false);

    return (
        <div className="sheet-edge">
            <Head title="Areas and clients" />
            <div className="max-w-4xl space-y-8">
                <div className="flex items-baseline justify-between gap-4">
                    <h1>Areas and clients</h1>
                    {page.mayChange && (
                        <Button
                            kind="main"
                            onClick={() => {
                                setOpen(true);
                            }}
                        >
                            Add
                        </Button>
                    )}
                </div>
                {groups.map(({ kind, title, what }) => (
                    <Section key={kind} title={title} aside={what}>
                        <ul className="divide-y divide-hairline">
                            {page.areas
                                .filter((area) => area.kind === kind)
                                .map((area) => (
                                    <Row key={area.id} area={area} />
                                ))}
                        </ul>
                        {!page.areas.some((area) => area.kind === kind) && <Empty>None yet.</Empty>}
                    </Section>
                ))}
                <Dialog isOpen={isOpen} onOpenChange={setOpen} title="Add an area, client or role">
                    <AreaForm
                        area={null}
                        people={page.people}
                        onDone={() => {
                            setOpen(false);
                        }}
                    />
                </Dialog>
            </div>
        </div>
    );
}

const counted = (number: number, one: string, many?: string) => (number === 0 ? null : count(number, one, many));

function Row({ area }: { area: AreaRow }) {
    const runs = [
        counted(area.goals, 'goal', 'goals'),
        counted(area.projects, 'project', 'projects'),
        counted(area.tray, 'item in the tray', 'items in the tray'),
    ].filter((words) => words !== null);

    return (
        <li data-line className="flex min-h-10 flex-wrap items-center gap-x-4 py-1">
            <Link href={route('areas.show', area.id)} className="w-56 font-semibold hover:underline">
                {area.name}
            </Link>
            <span className="w-40 text-ink-2">{area.owner?.name}</span>
            <span className="text-xs text-ink-2">{runs.length === 0 ? 'no active projects' : runs.join(', ')}</span>
        </li>
    );
}
