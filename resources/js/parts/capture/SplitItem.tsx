import type { TrayItem } from '../../generated/props';
import { useForm } from '../../lib/kept/useForm';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextArea } from '../../ui/Field';

interface Props {
    item: TrayItem;
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
}

/** Makes several items of one: each line becomes one of its own. */
export function SplitItem({ item, isOpen, onOpenChange }: Props) {
    const form = useForm(`split of jot ${String(item.id)}`, { words: item.words });

    return (
        <Dialog isOpen={isOpen} onOpenChange={onOpenChange} title="Split" hint="Write each item on a line of its own.">
            <form
                onSubmit={(event) => {
                    event.preventDefault();
                    form.post(route('jots.split', item.id), {
                        onSuccess: () => {
                            onOpenChange(false);
                        },
                    });
                }}
                className="space-y-3"
            >
                <TextArea label="Items" isLabelHidden rows={4} maxLength={2000} {...bind(form, 'words')} />
                <Button kind="main" type="submit" disabled={form.processing}>
                    Split
                </Button>
            </form>
        </Dialog>
    );
}
