import { useState } from 'react';
import { useFormDraft } from './formDraft';
import { type Sending, sendingOf } from './formSend';

/** No field is called as what tells the server what stood in each when one began. */
interface Named {
    seen?: never;
}

/** A form as its fields see it. */
export interface Form<T> extends Sending<T> {
    data: T;
    errors: Partial<Record<keyof T & string, string>>;
    /** Whether something of one's own stands in it that was not sent. */
    isDirty: boolean;
    /** Whether a new record is on its way: it is not sent twice. */
    processing: boolean;
    /** Whether anything that was written here is on its way. */
    isSending: boolean;
    setData: <K extends keyof T & string>(...to: [K, T[K]] | [Partial<T>]) => void;
    clearErrors: () => void;
    /** Back to what the server has, all of it or only some fields. */
    reset: (...only: (keyof T & string)[]) => void;
}

/**
 * A form that loses nothing. Its fields show what the server has, with one's own changes that are on their way, and above it what
 * one types, kept in this browser from the first key. To change a record it sends only the fields that were changed, with what
 * stood in them when one began: what somebody else changed meanwhile is refused at its field.
 *
 * @param name what is being written, the same each time: "goal 5"
 */
export function useForm<T extends object & Named>(name: string, initial: T): Form<T> {
    const draft = useFormDraft(name, initial);
    const [errors, setErrors] = useState<Partial<Record<string, string>>>({});

    return {
        data: draft.data,
        errors,
        isDirty: draft.written.length > 0,
        processing: draft.sent.some(({ form }) => form?.sends === 'new'),
        isSending: draft.sent.length > 0,
        setData: (...to) => {
            draft.write(to.length === 1 ? to[0] : ({ [to[0]]: to[1] } as unknown as Partial<typeof draft.data>));
        },
        clearErrors: () => {
            setErrors({});
        },
        reset: (...only) => {
            draft.letGo(only.length === 0 ? draft.fields : only);
        },
        ...sendingOf(draft, setErrors),
    };
}
