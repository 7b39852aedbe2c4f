import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import type { ShelfKind } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { addDays } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { DateField } from '../../ui/DateField';

interface Props {
    kind: ShelfKind;
    id: number;
    words: string;
    returnOn?: string | null;
    /** A key that opens it as well. */
    keyName?: string;
    /** The page once it is on the shelf. */
    guess?: (page: unknown) => unknown;
}

/** Puts something on the shelf, and asks when to look at it again, if ever. */
export function ReturnDate({ kind, id, words, returnOn = null, keyName, guess }: Props) {
    const today = usePage().props.frame?.today ?? '';
    const [day, setDay] = useState(returnOn ?? '');
    const put = (close: () => void) => () => {
        act('put', route('shelf.put', { kind, shelved: id }), { returnOn: day === '' ? null : day }, { ...(guess && { guess }) });
        close();
    };

    return (
        <DialogButton
            words={words}
            keyName={keyName}
            kind={keyName === undefined ? 'plain' : 'quiet'}
            title="Shelve"
            hint="It comes back to the tray on its return date. Without one it stays on the shelf."
        >
            {(close) => (
                <div className="space-y-4">
                    <DateField
                        label="Return date"
                        min={today === '' ? undefined : addDays(today, 1)}
                        value={day}
                        onChange={(value) => {
                            setDay(value);
                        }}
                    />
                    <Button kind="main" onClick={put(close)}>
                        Shelve
                    </Button>
                </div>
            )}
        </DialogButton>
    );
}
