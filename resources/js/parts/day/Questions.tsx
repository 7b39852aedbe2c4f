import { useForm } from '../../lib/kept/useForm';
import { AddLine } from '../fields/AddLine';
import type { EveningRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { addingLines, bindCheck } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Check } from '../../ui/Check';
import { DialogButton } from '../../ui/DialogButton';

/** One's own bank of questions: up to three of them are asked. */
export function Questions({ bank }: { bank: EveningRow[] }) {
    const form = useForm('evening question', { words: '', isScore: false });

    return (
        <DialogButton
            words="Choose questions"
            kind="quiet"
            title="Questions of the evening"
            hint="Up to three are asked. Answers are kept when a question is removed."
        >
            {() => (
                <>
                    <ul className="divide-y divide-hairline border-y border-hairline">
                        {bank.map((row) => (
                            <li key={row.question} className="flex min-h-9 items-center gap-3 py-1">
                                <span className="min-w-0 flex-1">
                                    <Check
                                        label={row.question}
                                        checked={row.isAsked}
                                        onChange={(isAsked) => {
                                            act('put', route('evening.ask'), { words: row.question, isAsked });
                                        }}
                                    />
                                </span>
                                <span className="text-xs text-ink-2">{row.isScore ? '1 to 5' : 'in words'}</span>
                                <Button
                                    kind="quiet"
                                    aria-label={`Delete ${row.question}`}
                                    onClick={() => {
                                        act('delete', route('evening.remove'), { words: row.question });
                                    }}
                                >
                                    Delete
                                </Button>
                            </li>
                        ))}
                    </ul>
                    <AddLine words="Add a question" maxLength={200} {...addingLines(form, 'words', route('evening.add'))}>
                        <Check label="Answered by a number from 1 to 5" {...bindCheck(form, 'isScore')} />
                    </AddLine>
                </>
            )}
        </DialogButton>
    );
}
