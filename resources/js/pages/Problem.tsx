import { Head } from '@inertiajs/react';
import { route } from '../lib/routes';
import { ButtonLink } from '../ui/Button';

const words: Record<number, [string, string]> = {
    403: ['This is not yours to do', 'Ask its owner or a lead. Nothing was changed.'],
    404: ['There is nothing here', 'It may have been removed, or it is not for you to see.'],
    413: ['That was too much at once', 'What was sent is larger than can be kept. Nothing was changed: go back and shorten it.'],
    429: ['Too many tries', 'Wait a minute, then try again.'],
    500: ['Something broke', 'It is our fault and was noted. Nothing was changed.'],
    503: ['Back in a minute', 'Loftrin is being looked after.'],
};

export default function Problem({ status }: { status: number }) {
    const [title, hint] = words[status] ?? ['Something went wrong', 'Nothing was changed.'];

    return (
        <div className="px-6 py-12 max-md:px-4">
            <Head title={title} />
            <p className="font-mono text-xs text-ink-2">{status}</p>
            <h1>{title}</h1>
            <p className="mt-2 mb-6 max-w-prose text-ink-2">{hint}</p>
            <ButtonLink href={route('day')}>To the day</ButtonLink>
        </div>
    );
}
