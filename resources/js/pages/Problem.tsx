import { Head } from '@inertiajs/react';
import { route } from '../lib/routes';
import { ButtonLink } from '../ui/Button';

interface Props {
    status: number;
    title: string;
    words: string;
}

export default function Problem({ status, title, words }: Props) {
    return (
        <div className="px-6 py-12 max-md:px-4">
            <Head title={title} />
            <p className="font-mono text-xs text-ink-2">{status}</p>
            <h1>{title}</h1>
            <p className="mt-2 mb-6 max-w-prose text-ink-2">{words}</p>
            <ButtonLink href={route('day')}>Go to Day</ButtonLink>
        </div>
    );
}
