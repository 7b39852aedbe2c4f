import { useState } from 'react';
import { Answer, Question } from './Answer';
import { ToPlace } from '../task/ToPlace';
import type { Tray, TrayItem } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { withoutJots } from '../../lib/jots';
import { useKeys } from '../../lib/keys';
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
    const [isPlacing, setPlacing] = useState(false);
    const [isKeeping, setKeeping] = useState(false);
    const hasAddress = /https?:\/\//.test(item.words);
    const isChosen = place.project !== '' || place.goal !== '';
    const choose = () => {
        setPlacing(true);
    };
    const make = (url: string, words: string, more: Record<string, string> = {}) => {
        act('post', url, { title, ...more }, { guess: withoutJots([item.id]) });
        onSorted(`${words}: ${title}`);
    };
    const start = () => {
        make(route('jots.project', item.id), 'Project');
    };

    const own = page.of?.kind === 'series' ? page.of : null;
    const raise = (series: string | number) => {
        make(route('jots.issue', item.id), 'Issue', { series: String(series) });
    };
    const keep = () => {
        setKeeping(true);
    };

    useKeys({
        p: { words: 'Choose a project or goal', run: choose },
        o: { words: 'Start a project', run: start },
        ...(own !== null && {
            i: {
                words: `Make it an issue of ${own.title}`,
                run: () => {
                    raise(own.id);
                },
            },
        }),
        ...(hasAddress && { r: { words: 'Keep it as a reference', run: keep } }),
    });

    return (
        <Question words="What is it for?">
            {own !== null && (
                <Answer
                    name="i"
                    onChoose={() => {
                        raise(own.id);
                    }}
                >
                    an issue of this meeting
                </Answer>
            )}
            {read !== undefined && !isChosen && <span className="font-semibold">{read}</span>}
            <Answer name="p" isChosen={isChosen} onChoose={choose}>
                {read === undefined ? 'a project or goal' : 'another project or goal'}
            </Answer>
            <Answer name="o" onChoose={start}>
                a project of its own
            </Answer>
            {page.meetings.length > 0 && (
                <WordSelect label="Raise it in a meeting" value="" none="an issue for …" options={page.meetings} onChange={raise} />
            )}
            {hasAddress && (
                <Answer name="r" onChoose={keep}>
                    keep as a reference
                </Answer>
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
                isOpen={isKeeping}
                onOpenChange={setKeeping}
                onChoose={({ project }) => {
                    setKeeping(false);
                    make(route('jots.reference', item.id), 'Reference', { project: project ?? '' });
                }}
            />
            <ToPlace
                isOpen={isPlacing}
                onOpenChange={setPlacing}
                hasGoals
                onChoose={({ project, goal }) => {
                    onPlace({ project: project ?? '', goal: goal ?? '' });
                    setPlacing(false);
                }}
            />
        </Question>
    );
}
