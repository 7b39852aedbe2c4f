<?php

declare(strict_types=1);

namespace App\Queries\Capture;

use App\Models\Contact;
use App\Models\Jot;
use App\Models\Person;
use App\Models\Relations\Everybody;
use App\Models\Series;
use App\Models\Workspace;
use App\Queries\Meetings\MeetingDays;
use App\Queries\Parts\Answers\Option;
use App\Queries\Parts\Choices;
use Illuminate\Support\Carbon;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Capture\JotReader;
use Loftrin\Core\Capture\Name;
use Loftrin\Core\Capture\NameKind;
use Loftrin\Core\Capture\Names;
use Loftrin\Core\Capture\Piece;
use Loftrin\Core\Capture\PieceKind;
use Loftrin\Core\Capture\Understood;

/** Reads lines of plain English with the names that a person may see: people, contacts, open projects and goals, recurring meetings. */
final class LineReader
{
    /** @var array<string, JotReader> by person and what is named, for the one request */
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
     * @param ?string $at HH:MM, when on that day; null for now
     * @param bool $isJotted whether it can be an issue of a meeting: a line of a task is one
     */
    public function read(
        Person $viewer,
        string $words,
        Day $on,
        array $refused = [],
        ?string $at = null,
        bool $isJotted = false,
    ): Understood {
        $reader = $this->readers[$viewer->id.($isJotted ? ' jots' : '')] ??= new JotReader(
            $this->workspace->calendar(),
            new Names([...$this->names($viewer), ...$isJotted ? $this->series($viewer) : []]),
            $viewer->month_first,
        );

        $line = $reader->read($words, $on, $refused, $at ?? $this->workspace->now()->format('H:i'));

        return $isJotted ? new Understood($line->title, array_map($this->onItsDay(...), $line->pieces)) : $line;
    }

    /** @param list<string> $refused keys of pieces that are not meant, besides those that were refused as it was written */
    public function readJot(Person $viewer, Jot $jot, array $refused = []): Understood
    {
        $at = $jot->created_at === null ? null : $this->workspace->wallTime(Carbon::instance($jot->created_at));

        return $this->read($viewer, $jot->words, $jot->jotted_on, [...$jot->refused ?? [], ...$refused], $at);
    }

    /** A meeting is on the day on which it is held next, from the day that is said on: today's may be over. */
    private function onItsDay(Piece $piece): Piece
    {
        $series = $piece->kind === PieceKind::Meeting && ! $piece->isAmbiguous()
            ? Series::query()->with(['meetings', ...Series::DAYS])->find($piece->names[0]->id)
            : null;
        $next = $series === null ? null : MeetingDays::next($series, Day::of($piece->value));

        return $next === null ? $piece : new Piece($piece->kind, $piece->words, (string) $next->on, $piece->names);
    }

    /** @return list<Name> */
    private function series(Person $viewer): array
    {
        return array_map(
            static fn(Option $series): Name => new Name(NameKind::Series, $series->value, $series->label),
            $this->choices->meetings($viewer),
        );
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
