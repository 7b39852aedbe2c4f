import { type Fields, pick, same, textOf } from './drafts';
import type { FormDraft } from './formDraft';
import { beganAnew, standsOf, wrongOf } from './merge';
import type { Change, Hearer, Method, Refusal } from '../queue/change';
import { send } from '../queue/queue';

/** How a form is sent. */
export interface Options<T> {
    /** What is sent instead of the fields as they are; of a record that is changed, with what stood in them. */
    as?: ((data: T, seen: Partial<T>) => object) | undefined;
    /** Once the server has it, or it waits for the network. */
    onSuccess?: (() => void) | undefined;
}

/** What is sent of a new line, and what is free for the next one at once: all of the form unless said. */
export interface Line<T> {
    as?: ((data: T) => object) | undefined;
    frees?: (keyof T & string)[] | undefined;
}

export interface Sending<T> {
    /** Makes a record of what was written, once. */
    post: (url: string, options?: Options<T>) => void;
    /** Changes a record: only the fields that were written in, with what stood in them. */
    put: (url: string, options?: Options<T>) => void;
    /** Adds a line, and is free for the next one at once. */
    add: (url: string, line?: Line<T>) => void;
}

type SetErrors = (errors: Partial<Record<string, string>>) => void;

/** The ways in which what is written in a form leaves it. */
export function sendingOf<T extends object>(draft: FormDraft<T>, setErrors: SetErrors): Sending<T> {
    const { data, fields, typed, sent } = draft;
    const give = (method: Method, url: string, body: object, form: Omit<Change['form'] & object, 'name'>, hearer: Hearer) => {
        setErrors({});
        send({ method, url, data: body, text: textOf(typed), form: { name: draft.name, ...form } }, hearer);
    };

    return {
        post: (url, { as, onSuccess } = {}) => {
            // Pressed twice.
            if (sent.some(({ form }) => form?.sends === 'new' && same(form.fields, data))) {
                return;
            }

            const taken = whenTaken(() => {
                draft.letGo(fields, data as Fields);
                onSuccess?.();
            });
            give('post', url, as?.(data, {}) ?? data, { sends: 'new', fields: data }, { ...taken, onRefused: shown(draft, setErrors) });
        },
        put: (url, { as, onSuccess } = {}) => {
            // Pressed twice.
            if (draft.written.length === 0 && sent.some(({ form }) => form?.sends === 'changed')) {
                return;
            }

            const seen = pick(draft.began, draft.written);
            const body = as?.(data, seen as Partial<T>) ?? { ...typed, seen };
            const onRefused = shown(draft, setErrors, (refusal) => {
                draft.takeBack(typed, beganAnew(seen, standsOf(refusal), draft.written, as !== undefined));
            });
            draft.letGo(draft.written);
            give('put', url, body, { sends: 'changed', fields: typed }, { ...whenTaken(() => onSuccess?.()), onRefused });
        },
        add: (url, { as, frees = fields } = {}) => {
            const back = () => {
                draft.takeBack(pick(typed, frees), pick(draft.now().stands, frees));
            };
            // Other words that were written since are not written over.
            const isFree = () => Object.keys(draft.typedNow(frees)).length === 0;
            draft.letGo(frees);
            give('post', url, as?.(data) ?? data, { sends: 'line', fields: typed }, { onRefused: shown(draft, setErrors, back, isFree) });
        },
    };
}

/** Shows what is wrong where it was written, with the words again; where it cannot be written any more, it is listed too. */
function shown<T>(
    draft: FormDraft<T>,
    setErrors: SetErrors,
    back: (refusal: Refusal) => void = () => undefined,
    mayBack: () => boolean = () => true,
): Hearer['onRefused'] {
    return (refusal) => {
        if (!draft.now().isThere || !mayBack()) {
            return false;
        }

        back(refusal);
        setErrors(wrongOf(refusal, draft.written));

        return refusal.outcome !== 'gone';
    };
}

/** Once, whichever comes first: the server has it, or it waits for the network. */
function whenTaken(run: () => void): Hearer {
    let isTaken = false;
    const take = () => {
        if (!isTaken) {
            isTaken = true;
            run();
        }
    };

    return { onDone: take, onWaits: take };
}
