import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { ReturnDate } from './ReturnDate';
import type { ShelfRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** Something that was put off on purpose, and what can become of it. */
export function ShelfLine({ row }: { row: ShelfRow }) {
    const { kind, id } = row;

    return (
        <li data-line className="group/shelf flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-hairline py-2">
            <div className="min-w-60 flex-1">
                <p>
                    {row.link === null ? (
                        <span className="whitespace-pre-line">{row.title}</span>
                    ) : (
                        <Link href={row.link} className="font-semibold hover:underline">
                            {row.title}
                        </Link>
                    )}
                </p>
                <p className="text-xs text-ink-2">
                    {kind === 'idea' ? 'idea' : `${kind} of ${row.owner.name}`}, shelved {dayWords(row.since)}
                    {row.returnOn !== null && `, returns ${dayWords(row.returnOn)}${row.returnAt === null ? '' : ` at ${row.returnAt}`}`}
                    {row.rhythm !== null && `, again ${row.rhythm}`}
                </p>
            </div>
            {row.mayChange && (
                <span
                    className={clsx(
                        'flex flex-wrap gap-2 opacity-0 group-focus-within/shelf:opacity-100',
                        'group-hover/shelf:opacity-100 pointer-coarse:opacity-100',
                    )}
                >
                    <Button
                        onClick={() => {
                            act('post', route('shelf.back', { kind, shelved: id }));
                        }}
                    >
                        {kind === 'goal' ? 'Plan again' : kind === 'idea' ? 'Move to tray' : 'Restore'}
                    </Button>
                    <ReturnDate kind={kind} id={id} words="Change date" returnOn={row.returnOn} />
                    <Button
                        kind="quiet"
                        aria-label={`Delete ${row.title}`}
                        onClick={() => {
                            act('delete', route('shelf.go', { kind, shelved: id }));
                        }}
                    >
                        Delete
                    </Button>
                </span>
            )}
        </li>
    );
}
