import { usePage } from '@inertiajs/react';
import { useEffect } from 'react';
import { refresh } from '../../lib/background';

interface Props {
    words: string;
    onChoose: (words: string) => void;
}

/** So many people are offered. */
const OFFERED = 5;

/** While one writes “@” and a name at the end of a text: the people whose names begin so, to choose by a press. */
export function Mention({ words, onChoose }: Props) {
    const { everybody, frame } = usePage().props;
    const begun = /(?:^|[\s(])@([\p{L}-]*)$/u.exec(words)?.[1];
    const isAsked = begun !== undefined;

    useEffect(() => {
        if (isAsked) {
            void refresh(['everybody']);
        }
    }, [isAsked]);

    const found = !isAsked
        ? []
        : (everybody ?? [])
              .filter(({ id, name }) => id !== frame?.me.id && name.toLowerCase().startsWith(begun.toLowerCase()))
              .slice(0, OFFERED);

    return found.length === 0 ? null : (
        <div role="group" aria-label="Who is told of it" className="col-span-full flex flex-wrap gap-x-4 text-sm">
            {found.map((person) => (
                <button
                    key={person.id}
                    type="button"
                    className="min-h-8 hover:underline pointer-coarse:min-h-11"
                    onClick={() => {
                        onChoose(`${words.slice(0, words.length - (begun?.length ?? 0))}${person.name} `);
                    }}
                >
                    @{person.name}
                </button>
            ))}
        </div>
    );
}
