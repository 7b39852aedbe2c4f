import { useState } from 'react';
import { ToProject } from '../marks/ToProject';
import type { TaskView } from '../../generated/props';
import { act } from '../../lib/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** Moves a task to another project, or out of its project. */
export function BelongsTo({ page }: { page: TaskView }) {
    const [isOpen, setOpen] = useState(false);

    return (
        <>
            <Button
                onClick={() => {
                    setOpen(true);
                }}
            >
                To another project
            </Button>
            <ToProject
                isOpen={isOpen}
                onOpenChange={setOpen}
                onChoose={(project) => {
                    act('put', route('tasks.belongs', page.task.id), { project });
                }}
            />
        </>
    );
}
