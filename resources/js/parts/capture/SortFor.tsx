import { useState } from 'react';
import { Answer, Question } from './Answer';
import { ToPlace } from '../ToPlace';
import type { Tray, TrayItem } from '../../generated/props';
import { act } from '../../lib/act';
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

/** What a thing to sort is for: a project or goal, a project of its own, or the issue of a meeting. */
export function SortFor({ item, title, page, read, place, onPlace, onSorted }: Props) {
    const [isPlacing, setPlacing] = useState(false);
    const isChosen = place.project !== '' || place.goal !== '';
    const choose = () => {
        setPlacing(true);
    };
    const make = (url: string, words: string, more: Record<string, string> = {}) => {
        act(
            'post',
            url,
            { title, ...more },
            {
                onDone: () => {
                    onSorted(`${words}: ${title}`);
                },
            },
        );
    };
    const start = () => {
        make(route('jots.project', item.id), 'Project');
    };

    useKeys({ p: { words: 'Choose a project or goal', run: choose }, o: { words: 'Start a project', run: start } });

    return (
        <Question words="What is it for?">
            {read !== undefined && !isChosen && <span className="font-semibold">{read}</span>}
            <Answer name="p" isChosen={isChosen} onChoose={choose}>
                {read === undefined ? 'a project or goal' : 'another project or goal'}
            </Answer>
            <Answer name="o" onChoose={start}>
                a project of its own
            </Answer>
            {page.meetings.length > 0 && (
                <WordSelect
                    label="Raise it in a meeting"
                    value=""
                    none="an issue for …"
                    options={page.meetings}
                    onChange={(series) => {
                        make(route('jots.issue', item.id), 'Issue', { series });
                    }}
                />
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
