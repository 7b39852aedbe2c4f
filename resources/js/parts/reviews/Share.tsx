import { usePage } from '@inertiajs/react';
import type { Sharing, ShareRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';
import { Check } from '../../ui/Check';
import { DialogButton } from '../../ui/DialogButton';

interface Props {
    of: 'review' | 'answer';
    id: number;
    shares: ShareRow[];
    sharing: Sharing;
}

/** Lets people and groups read what one wrote, by one press each, and takes it back by another. The facts stay one's own. */
export function Share({ of, id, shares, sharing }: Props) {
    const me = usePage().props.frame?.me.id;
    const share = (kind: 'person' | 'group', whom: number) => (isShared: boolean) => {
        act('put', route('reviews.share'), { of, id, with: kind, whom, isShared });
    };
    const has = (isGroup: boolean, whom: number) => shares.some((each) => each.isGroup === isGroup && each.id === whom);

    return (
        <DialogButton
            words={shares.length === 0 ? 'Share' : `Shared with ${shares.map(({ name }) => first(name)).join(', ')}`}
            kind="quiet"
            title={of === 'review' ? 'Who may read what you wrote' : 'Who may read this answer'}
            hint="They read your words. The facts, the checklist and everything else stay yours."
        >
            {() => (
                <div className="grid grid-cols-2 gap-x-6 max-md:grid-cols-1">
                    {sharing.groups.map((group) => (
                        <Check
                            key={`group ${String(group.id)}`}
                            label={`Everyone in ${group.name}`}
                            checked={has(true, group.id)}
                            onChange={share('group', group.id)}
                        />
                    ))}
                    {sharing.people
                        .filter((person) => person.id !== me)
                        .map((person) => (
                            <Check
                                key={person.id}
                                label={person.name}
                                checked={has(false, person.id)}
                                onChange={share('person', person.id)}
                            />
                        ))}
                </div>
            )}
        </DialogButton>
    );
}
