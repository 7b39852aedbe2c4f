import type { SubmitEvent } from 'react';
import { useForm } from '../../lib/kept/useForm';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextArea } from '../../ui/Field';
import { Understood } from '../signs/Understood';
import { useReadLine } from '../../lib/useReadLine';

interface Props {
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
}

/** Writes a thought down from anywhere, and is free for the next one at once. What was typed stays, also when the dialog closes. */
export function JotDialog({ isOpen, onOpenChange }: Props) {
    const form = useForm('jot', { words: '' });
    const reading = useReadLine(form.data.words, { isJotted: true });

    const keep = (event?: SubmitEvent) => {
        event?.preventDefault();

        if (form.data.words.trim() !== '') {
            form.add(route('jots.store'), { as: (data) => ({ ...data, ...reading.said }) });
            reading.reset();
            onOpenChange(false);
        }
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
                        reading.onKeyDown(event);

                        if (event.key === 'Enter' && !event.shiftKey) {
                            event.preventDefault();
                            keep();
                        }
                    }}
                />
                <Understood reading={reading} />
                <div className="mt-3 flex items-center justify-between gap-4">
                    <p className="text-xs text-ink-2">Shift and Enter begin another item. “done: …” enters what is done already.</p>
                    <Button kind="main" type="submit" keys="Enter">
                        Save
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
