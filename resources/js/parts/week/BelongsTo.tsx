import { useState } from 'react';
import { ToPlace } from '../task/ToPlace';
import type { TaskView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** Says what a task is for: another project, a goal, or neither. */
export function BelongsTo({ page }: { page: TaskView }) {
    const [isOpen, setOpen] = useState(false);

    return (
        <>
            <Button
                onClick={() => {
                    setOpen(true);
                }}
            >
                Move to …
            </Button>
            <ToPlace
                isOpen={isOpen}
                onOpenChange={setOpen}
                hasGoals
                onChoose={(place) => {
                    act('put', route('tasks.belongs', page.task.id), { ...place });
                }}
            />
        </>
    );
}
