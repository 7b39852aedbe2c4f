import { useForm } from '../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import { bind } from '../lib/forms';
import { route } from '../lib/routes';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { TextArea } from '../ui/Field';

interface Props {
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
}

/** Writes a thought down from anywhere. What was typed stays until it is kept, also when the dialog closes. */
export function JotDialog({ isOpen, onOpenChange }: Props) {
    const form = useForm('jot', { words: '' });

    const keep = (event?: SubmitEvent) => {
        event?.preventDefault();
        form.post(route('jots.store'), {
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                form.reset();
                onOpenChange(false);
            },
        });
    };

    return (
        <Dialog isOpen={isOpen} onOpenChange={onOpenChange} title="Jot" hint="Goes to your tray, to be sorted later.">
            <form onSubmit={keep}>
                <TextArea
                    label="What is on your mind"
                    isLabelHidden
                    {...bind(form, 'words')}
                    maxLength={2000}

                    onKeyDown={(event) => {
                        if (event.key === 'Enter' && !event.shiftKey) {
                            event.preventDefault();
                            keep();
                        }
                    }}
                />
                <div className="mt-3 flex justify-end">
                    <Button kind="main" type="submit" keys="Enter" disabled={form.processing}>
                        Save
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
