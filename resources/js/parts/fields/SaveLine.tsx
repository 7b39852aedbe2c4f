import type { ReactNode } from 'react';
import { Button, ButtonLink } from '../../ui/Button';

interface Props {
    /** What saving is called here: "Add goal". */
    words: string;
    isOff: boolean;
    /** Where one goes who does not save. */
    cancel: string;
    children?: ReactNode;
}

/** The end of a form: to save it, or to leave without. */
export function SaveLine({ words, isOff, cancel, children }: Props) {
    return (
        <div className="flex gap-3 border-t border-rule pt-4">
            <Button kind="main" type="submit" disabled={isOff}>
                {words}
            </Button>
            <ButtonLink kind="quiet" href={cancel}>
                Cancel
            </ButtonLink>
            {children}
        </div>
    );
}
