import { router } from '@inertiajs/react';
import { type SubmitEvent, useState } from 'react';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

/** Looks for a word in all that one ever answered. */
export function FindAnswers({ words: begun }: { words: string }) {
    const [words, setWords] = useState(begun);
    const find = (event: SubmitEvent) => {
        event.preventDefault();
        router.get(route('reviews.answers', { _query: { q: words } }));
    };

    return (
        <form role="search" onSubmit={find} className="ml-auto flex items-end gap-2 print:hidden">
            <TextField
                label="Search your answers"
                isLabelHidden
                placeholder="What did I say about …"
                className="w-64"
                maxLength={200}
                value={words}
                onChange={(event) => {
                    setWords(event.target.value);
                }}
            />
            <Button type="submit">Search</Button>
        </form>
    );
}
