import type { Condition, FieldOptions, ListField } from '../../generated/props';
import { labels } from '../../generated/labels';
import { labelled } from '../../lib/options';
import { Button } from '../../ui/Button';
import { WordSelect } from '../../ui/Select';
import { Problem } from '../../ui/Problem';

interface Props {
    conditions: Condition[];
    fields: FieldOptions[];
    errors: Partial<Record<string, string>>;
    onChange: (conditions: Condition[]) => void;
}

/** What has to hold for a task to be in the list: all of it. Written line by line, as one would say it. */
export function Conditions({ conditions, fields, errors, onChange }: Props) {
    const optionsOf = (field: ListField) => fields.find((each) => each.field === field);
    const set = (place: number, change: Partial<Condition>) => {
        onChange(conditions.map((each, index) => (index === place ? { ...each, ...change } : each)));
    };

    return (
        <fieldset>
            <legend className="text-sm font-semibold">Show tasks whose …</legend>
            {conditions.map((condition, place) => {
                const field = optionsOf(condition.field);
                const error = errors[`conditions.${String(place)}.value`];

                return (
                    <ConditionLine
                        key={`${String(place)} ${condition.field}`}
                        condition={condition}
                        number={place + 1}
                        field={field}
                        error={error}
                        onChange={(change) => {
                            set(place, change);
                        }}
                        onField={(next) => {
                            set(place, { field: next, value: optionsOf(next)?.options[0]?.value ?? '' });
                        }}
                        onRemove={() => {
                            onChange(conditions.filter((_, index) => index !== place));
                        }}
                    />
                );
            })}
            <Button
                kind="quiet"
                className="-ml-3"
                onClick={() => {
                    const unused = fields.find((field) => !conditions.some((each) => each.field === field.field));
                    onChange([...conditions, { field: unused?.field ?? 'words', value: unused?.options[0]?.value ?? '' }]);
                }}
            >
                {conditions.length === 0 ? 'Add a condition' : 'and …'}
            </Button>
        </fieldset>
    );
}

interface LineProps {
    condition: Condition;
    number: number;
    field: FieldOptions | undefined;
    error: string | undefined;
    onChange: (change: Partial<Condition>) => void;
    onField: (field: ListField) => void;
    onRemove: () => void;
}

function ConditionLine({ condition, number, field, error, onChange, onField, onRemove }: LineProps) {
    return (
        <div className="flex min-h-8 flex-wrap items-baseline gap-x-3 border-b border-hairline py-1">
            <WordSelect
                label={`Condition ${String(number)}`}
                options={labelled(labels.ListField)}
                value={condition.field}
                onChange={(chosen) => {
                    onField(chosen as ListField);
                }}
            />
            {field !== undefined && field.options.length > 0 ? (
                <WordSelect
                    label={`Value of condition ${String(number)}`}
                    options={field.options}
                    value={condition.value}
                    onChange={(value) => {
                        onChange({ value });
                    }}
                />
            ) : (
                <input
                    aria-label={`Value of condition ${String(number)}`}
                    aria-invalid={error !== undefined}
                    inputMode={field?.isNumber === true ? 'numeric' : undefined}
                    maxLength={100}
                    className="w-40 border-b border-rule bg-transparent py-0.5 font-semibold"
                    defaultValue={condition.value}
                    onBlur={(event) => {
                        onChange({ value: event.target.value.trim() });
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            event.preventDefault();
                            onChange({ value: event.currentTarget.value.trim() });
                        }
                    }}
                />
            )}
            <Problem words={error} />
            <Button kind="quiet" className="-my-1 ml-auto" aria-label={`Remove condition ${String(number)}`} onClick={onRemove}>
                Remove
            </Button>
        </div>
    );
}
