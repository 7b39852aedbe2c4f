import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { addressOf } from './Choose';
import type { Register } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { NumberField } from '../../ui/NumberField';

/** How many projects each person has active at once, and who has more than the limit. */
export function ActiveBy({ page }: { page: Register }) {
    return (
        <p className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-xs text-ink-2">
            <span>Active projects per person</span>
            {page.activeBy.map((each) => (
                <Link
                    key={each.person.id}
                    href={addressOf(page.filter, { owner: each.person.id, state: 'active' })}
                    title={each.isOver ? `more than ${String(page.limit)}` : undefined}
                    className={each.isOver ? 'font-semibold text-ink underline decoration-double' : 'hover:underline'}
                >
                    {first(each.person.name)} <span className="font-mono">{each.projects}</span>
                    {each.isOver && ', over the limit'}
                </Link>
            ))}
            {page.mayLimit && (
                <DialogButton
                    words={page.limit === null ? 'Set a limit' : `Limit ${String(page.limit)}`}
                    kind="quiet"
                    className="-my-2"
                    title="How many active projects should one person have?"
                    hint="Nothing is blocked: people above the limit are marked."
                >
                    {(close) => <Limit limit={page.limit} onDone={close} />}
                </DialogButton>
            )}
        </p>
    );
}

function Limit({ limit, onDone }: { limit: number | null; onDone: () => void }) {
    const [typed, setTyped] = useState(limit === null ? '' : String(limit));

    return (
        <div className="flex items-end gap-3">
            <NumberField
                label="Limit"
                min={1}
                max={100}
                className="w-24"
                autoFocus
                value={typed}
                onChange={(value) => {
                    setTyped(value);
                }}
            />
            <Button
                kind="main"
                onClick={() => {
                    act('put', route('projects.limit'), { limit: typed === '' ? null : Number(typed) }, { onDone });
                }}
            >
                Save
            </Button>
        </div>
    );
}
