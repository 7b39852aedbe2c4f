<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

/** The sections of a plan file: their records by id, and the links between them. */
final class Sections
{
    /** @var array<string, array<array-key, true>> the ids of each section */
    private array $ids = [];

    /** @var list<array{Record, string, string, string}> record, field, section, id */
    private array $links = [];

    public function __construct(private readonly Record $top, private readonly Faults $faults)
    {
    }

    public function one(string $section): ?Record
    {
        $record = $this->top->record($section);

        return $record === null ? null : $record->as($section);
    }

    /**
     * Each record of the section, labelled by its place in it.
     *
     * @return list<Record>
     */
    public function all(string $section, string $label): array
    {
        $records = [];

        foreach ($this->top->records($section) as $index => $record) {
            $records[] = $record->as($label.' '.($index + 1));
        }

        return $records;
    }

    /**
     * What is made of each record of the section, by id, in order; what could not be made is left out.
     *
     * @template T
     *
     * @param callable(Record, string): ?T $make
     *
     * @return array<string, T>
     */
    public function map(string $section, string $label, callable $make): array
    {
        $made = [];

        foreach ($this->all($section, $label) as $record) {
            $id = $record->required('id');

            if ($id === null) {
                continue;
            }

            $record = $record->as("$label $id");

            if (isset($this->ids[$section][$id])) {
                $record->fault("id stands twice in $section");

                continue;
            }

            $this->ids[$section][$id] = true;
            $record->text('title');
            $result = $make($record, $id);

            if ($result !== null) {
                $made[$id] = $result;
            }
        }

        return $made;
    }

    /** Notes that the record names another, to be looked for when all are read. */
    public function link(Record $record, string $field, string $section, ?string $id): ?string
    {
        if ($id !== null) {
            $this->links[] = [$record, $field, $section, $id];
        }

        return $id;
    }

    public function refuseDanglingLinks(): void
    {
        foreach ($this->links as [$record, $field, $section, $id]) {
            if (! isset($this->ids[$section][$id])) {
                $this->faults->add($record->label, "$field $id is not in $section");
            }
        }
    }
}
