import type { ReactNode } from 'react';
import { Button } from '../../ui/Button';

/** What it needs to know of a form. */
export interface InPlace {
    reset: () => void;
    clearErrors: () => void;
}

interface Props {
    form: InPlace;
    /** What saving is called here. */
    save?: string;
    /** Beside others of its kind: not the main thing of its screen. */
    isQuiet?: boolean;
    isDisabled?: boolean;
    onCancel?: () => void;
    /** What else can be done with it. */
    children?: ReactNode;
}

/**
 * The end of a form that is written in place: what was typed is saved, or put back to what it was. One may go on writing and save
 * again while the server has not answered yet: the form sees to it that nothing is sent twice.
 */
export function SaveOrCancel({ form, save = 'Save', isQuiet = false, isDisabled = false, onCancel, children }: Props) {
    return (
        <div className="flex flex-wrap gap-2">
            <Button kind={isQuiet ? 'plain' : 'main'} type="submit" disabled={isDisabled}>
                {save}
            </Button>
            <Button
                kind="quiet"
                onClick={() => {
                    form.clearErrors();
                    form.reset();
                    onCancel?.();
                }}
            >
                Cancel
            </Button>
            {children}
        </div>
    );
}
