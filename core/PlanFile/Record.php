<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use BackedEnum;
use InvalidArgumentException;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Fraction;

/** One record of a plan file, read field by field; what cannot be read becomes a fault and a null. */
final readonly class Record
{
    /** @param array<array-key, mixed> $fields */
    public function __construct(public string $label, private array $fields, private Faults $faults)
    {
    }

    /** The same record under another label. */
    public function as(string $label): self
    {
        return new self($label, $this->fields, $this->faults);
    }

    public function has(string $field): bool
    {
        return isset($this->fields[$field]);
    }

    public function fault(string $rule): null
    {
        $this->faults->add($this->label, $rule);

        return null;
    }

    public function text(string $field): ?string
    {
        $value = $this->fields[$field] ?? null;

        return match (true) {
            $value === null => null,
            is_string($value) && ! ExactJson::isNumber($value) => $value,
            default => $this->fault("$field must be text"),
        };
    }

    /** A text that names another record, or something that must be there. */
    public function required(string $field): ?string
    {
        $value = $this->text($field);

        return match (true) {
            ! $this->has($field) => $this->fault("$field is missing"),
            $value === '' => $this->fault("$field is empty"),
            default => $value,
        };
    }

    public function number(string $field): ?Fraction
    {
        if (! $this->has($field)) {
            return null;
        }

        try {
            return ExactJson::number($this->fields[$field]);
        } catch (InvalidArgumentException $reason) {
            return $this->fault("$field {$this->worded($reason)}");
        }
    }

    /** A number that must be there; 0 after the fault was noted when it is not. */
    public function requiredNumber(string $field): Fraction
    {
        if (! $this->has($field)) {
            $this->fault("$field is missing");
        }

        return $this->number($field) ?? Fraction::zero();
    }

    public function day(string $field): ?Day
    {
        $value = $this->text($field);

        if ($value === null) {
            return null;
        }

        return Day::tryOf($value) ?? $this->fault("$field $value is not a date");
    }

    /** A date that must be there. */
    public function requiredDay(string $field): ?Day
    {
        return $this->has($field) ? $this->day($field) : $this->fault("$field is missing");
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $of
     * @param T $default
     *
     * @return T
     */
    public function choice(string $field, string $of, BackedEnum $default): BackedEnum
    {
        $value = $this->text($field);

        if ($value === null) {
            return $default;
        }

        $choice = $of::tryFrom($value);

        if ($choice === null) {
            $this->fault("$field $value is unknown");
        }

        return $choice ?? $default;
    }

    /** @return list<mixed> */
    public function items(string $field): array
    {
        $value = $this->fields[$field] ?? [];

        if (! is_array($value) || ! array_is_list($value)) {
            $this->fault("$field must be a list");

            return [];
        }

        return $value;
    }

    /** @return list<string> */
    public function texts(string $field): array
    {
        $texts = [];

        foreach ($this->items($field) as $item) {
            if (! is_string($item) || ExactJson::isNumber($item)) {
                $this->fault("$field must hold texts");

                continue;
            }

            $texts[] = $item;
        }

        return $texts;
    }

    /** @return list<self> the records nested in the field, faults of which are noted under this one */
    public function records(string $field): array
    {
        $records = [];

        foreach ($this->items($field) as $item) {
            if (! is_array($item)) {
                $this->fault("$field must hold records");

                continue;
            }

            $records[] = new self($this->label, $item, $this->faults);
        }

        return $records;
    }

    public function record(string $field): ?self
    {
        $value = $this->fields[$field] ?? null;

        return match (true) {
            $value === null => null,
            is_array($value) && ($value === [] || ! array_is_list($value)) => new self($this->label, $value, $this->faults),
            default => $this->fault("$field must be a record"),
        };
    }

    /**
     * What is made of the record; where a rule of the core refuses it, its reason becomes a fault.
     *
     * @template T
     *
     * @param callable(): T $make
     *
     * @return ?T
     */
    public function make(callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidArgumentException $reason) {
            return $this->fault($reason->getMessage());
        }
    }

    private function worded(InvalidArgumentException $reason): string
    {
        return str_starts_with($reason->getMessage(), 'is ') ? $reason->getMessage() : 'is no number to reckon with';
    }
}
