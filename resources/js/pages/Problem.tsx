import { Head } from '@inertiajs/react';
import { route } from '../lib/routes';
import { ButtonLink } from '../ui/Button';

const words: Record<number, [string, string]> = {
    403: ['You do not have permission', 'Ask the owner or a lead. Nothing was changed.'],
    404: ['This page does not exist', 'It may have been deleted, or you may not have access to it.'],
    413: ['That was too large', 'What you sent is larger than the limit. Nothing was changed: go back and shorten it.'],
    429: ['Too many attempts', 'Wait a minute, then try again.'],
    500: ['Something went wrong', 'The error was logged. Nothing was changed.'],
    503: ['Back soon', 'Loftrin is being updated. Please try again in a few minutes.'],
};

export default function Problem({ status }: { status: number }) {
    const [title, hint] = words[status] ?? ['Something went wrong', 'Nothing was changed.'];

    return (
        <div className="px-6 py-12 max-md:px-4">
            <Head title={title} />
            <p className="font-mono text-xs text-ink-2">{status}</p>
            <h1>{title}</h1>
            <p className="mt-2 mb-6 max-w-prose text-ink-2">{hint}</p>
            <ButtonLink href={route('day')}>Go to Day</ButtonLink>
        </div>
    );
}
