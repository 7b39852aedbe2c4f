import { useState } from 'react';
import { Answer, Question } from './Answer';
import { ToPlace } from '../task/ToPlace';
import type { Tray, TrayItem } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { withoutJots } from '../../lib/jots';
import { keysOf, useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { WordSelect } from '../../ui/Select';

interface Chosen {
    project: string;
    goal: string;
}

interface Props {
    item: TrayItem;
    title: string;
    page: Tray;
    /** What its line says it is for, if it says so. */
    read: string | undefined;
    place: Chosen;
    onPlace: (place: Chosen) => void;
    onSorted: (words: string) => void;
}

/** What a thing to sort is for: a project or goal, a project of its own, the issue of a meeting, or a reference to keep. */
export function SortFor({ item, title, page, read, place, onPlace, onSorted }: Props) {
    const [asked, ask] = useState<'place' | 'reference' | null>(null);
    const isChosen = place.project !== '' || place.goal !== '';
    const own = page.of?.kind === 'series' ? page.of : null;
    const make = (url: string, words: string, more: Record<string, string> = {}) => {
        act('post', url, { title, ...more }, { guess: withoutJots([item.id]) });
        onSorted(`${words}: ${title}`);
    };
    const raise = (series: string | number) => {
        make(route('jots.issue', item.id), 'Issue', { series: String(series) });
    };
    const answers = answersOf(item, own, {
        i: () => {
            raise(own?.id ?? '');
        },
        p: () => {
            ask('place');
        },
        o: () => {
            make(route('jots.project', item.id), 'Project');
        },
        r: () => {
            ask('reference');
        },
    });

    useKeys(keysOf(answers));

    return (
        <Question words="What is it for?">
            {read !== undefined && !isChosen && <span className="font-semibold">{read}</span>}
            {answers.map(({ key, label, run }) => (
                <Answer key={key} name={key} isChosen={key === 'p' && isChosen} onChoose={run}>
                    {key === 'p' && read !== undefined ? 'another project or goal' : label}
                </Answer>
            ))}
            {page.meetings.length > 0 && (
                <WordSelect label="Raise it in a meeting" value="" none="an issue for …" options={page.meetings} onChange={raise} />
            )}
            {isChosen && (
                <Button
                    kind="quiet"
                    onClick={() => {
                        onPlace({ project: '', goal: '' });
                    }}
                >
                    Remove
                </Button>
            )}
            <ToPlace
                isOpen={asked !== null}
                hasGoals={asked === 'place'}
                onOpenChange={() => {
                    ask(null);
                }}
                onChoose={({ project, goal }) => {
                    ask(null);

                    if (asked === 'reference') {
                        make(route('jots.reference', item.id), 'Reference', { project: project ?? '' });
                    } else {
                        onPlace({ project: project ?? '', goal: goal ?? '' });
                    }
                }}
            />
        </Question>
    );
}

type Key = 'i' | 'p' | 'o' | 'r';

/** What it can become by one key: what it is called at the key, and among the keyboard shortcuts. */
function answersOf({ words }: TrayItem, own: Tray['of'], runs: Record<Key, () => void>) {
    const answers: { key: Key; label: string; words: string; isOn: boolean }[] = [
        { key: 'i', label: 'an issue of this meeting', words: `Make it an issue of ${own?.title ?? ''}`, isOn: own !== null },
        { key: 'p', label: 'a project or goal', words: 'Choose a project or goal', isOn: true },
        { key: 'o', label: 'a project of its own', words: 'Start a project', isOn: true },
        { key: 'r', label: 'keep as a reference', words: 'Keep it as a reference', isOn: /https?:\/\//.test(words) },
    ];

    return answers.filter(({ isOn }) => isOn).map((answer) => ({ ...answer, run: runs[answer.key] }));
}
