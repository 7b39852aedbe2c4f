<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Contact;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Workspace;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Choices;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Capture\JotReader;
use Loftrin\Core\Capture\Name;
use Loftrin\Core\Capture\NameKind;
use Loftrin\Core\Capture\Names;
use Loftrin\Core\Capture\Understood;

/** Reads lines of plain English with the names that a person may see: people, contacts, open projects and goals. */
final class LineReader
{
    /** @var array<int, JotReader> by person, for the one request */
    private array $readers = [];

    public function __construct(
        private readonly Workspace $workspace,
        private readonly Choices $choices,
        private readonly Everybody $everybody,
    ) {
    }

    /**
     * @param Day $on when it was written
     * @param list<string> $refused keys of pieces that are not meant
     */
    public function read(Person $viewer, string $words, Day $on, array $refused = []): Understood
    {
        $this->readers[$viewer->id] ??= new JotReader($this->workspace->calendar(), new Names($this->names($viewer)));

        return $this->readers[$viewer->id]->read($words, $on, $refused);
    }

    /** @return list<Name> */
    private function names(Person $viewer): array
    {
        $of = static fn(NameKind $kind): callable => static fn(Option $option): Name => new Name($kind, $option->value, $option->label);
        $named = static fn(NameKind $kind): callable => static fn(Person|Contact $one): Name => new Name(
            $kind,
            (string) $one->id,
            $one->name,
        );

        return [
            ...array_map($named(NameKind::Person), array_values($this->everybody->present()->all())),
            ...array_map($named(NameKind::Contact), array_values(Contact::query()->orderBy('name')->get()->all())),
            ...array_map($of(NameKind::Project), $this->choices->projects($viewer)),
            ...array_map($of(NameKind::Goal), $this->choices->goals($viewer)),
        ];
    }
}
