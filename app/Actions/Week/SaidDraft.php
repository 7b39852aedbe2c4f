<?php

declare(strict_types=1);

namespace App\Actions\Week;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Capture\NameKind;
use Loftrin\Core\Capture\Piece;
use Loftrin\Core\Capture\PieceKind;
use Loftrin\Core\Capture\Understood;
use Loftrin\Core\Work\Focus;
use Loftrin\Core\Work\Rank;

/** What a line says of a new task, together with what is known of it besides: where it is written, or what was chosen. */
final readonly class SaidDraft
{
    /**
     * @param Day $on when the line was written
     * @param array<string, string> $chosen what ambiguous pieces mean, by key: "project 12"
     */
    public function __construct(private Understood $line, private Day $on, private array $chosen = [])
    {
    }

    /** @param bool $lineWins whether the words of the line count more than what is known besides */
    public function with(TaskDraft $besides, bool $lineWins): TaskDraft
    {
        [$day, $at, $length] = $this->time();
        $project = $this->named(PieceKind::For, NameKind::Project);
        $goal = $this->named(PieceKind::For, NameKind::Goal);
        $isPlaced = $besides->project !== null || $besides->goal !== null;
        $wordsPlace = ($project !== null || $goal !== null) && ($lineWins || ! $isPlaced);
        $due = $this->day(PieceKind::Due);
        $isPlanned = $this->line->piece(PieceKind::Planned) !== null;
        // A time beside a due day is that by which it is due, and plans nothing.
        $dueAt = $due !== null && ! $isPlanned && $at !== '' ? $at : null;
        // The next such time, unless it is written on a day.
        $next = strlen((string) $besides->planned) === 10 ? $besides->planned : $day;
        $planned = $this->value(PieceKind::Planned) ?? ($at !== '' && $dueAt === null ? $next ?? (string) $this->on : null);
        $owner = $this->named(PieceKind::Owner, NameKind::Person);
        $minutes = $this->value(PieceKind::Minutes) ?? $length;
        $helper = $this->named(PieceKind::With, NameKind::Person);
        $returnOn = $this->value(PieceKind::ReturnOn);
        $plannedFor = self::pick($lineWins, $planned, $besides->planned);

        return new TaskDraft(
            title: $lineWins || $besides->title === '' ? $this->line->title : $besides->title,
            project: $wordsPlace ? $project : $besides->project,
            goal: $wordsPlace ? $goal : $besides->goal,
            stage: $wordsPlace && $project !== $besides->project ? null : $besides->stage,
            owner: self::pick($lineWins, $owner, $besides->owner),
            planned: $plannedFor,
            dueOn: self::pick($lineWins, $due, $besides->dueOn),
            minutes: self::pick($lineWins, $minutes === null ? null : (int) $minutes, $besides->minutes),
            rank: self::pick($lineWins, Rank::tryFrom($this->value(PieceKind::Rank) ?? ''), $besides->rank),
            isPrivate: $besides->isPrivate || $this->line->piece(PieceKind::Private) !== null,
            agendaItem: $besides->agendaItem,
            notes: $besides->notes,
            at: $at !== '' && $dueAt === null && $plannedFor === $planned ? $at : null,
            focus: Focus::tryFrom($this->value(PieceKind::Focus) ?? ''),
            waitingFor: $this->waitingFor(),
            followUpOn: $this->day(PieceKind::FollowUp),
            helpers: $helper === null ? [] : [$helper],
            isDone: $besides->isDone || $this->line->piece(PieceKind::Done) !== null,
            isShelved: $returnOn !== null || $this->line->piece(PieceKind::Shelf) !== null,
            returnOn: $this->day(PieceKind::ReturnOn),
            rhythm: $this->value(PieceKind::Rhythm),
            doneOn: $besides->doneOn,
            dueAt: $lineWins || $besides->dueOn === null ? $dueAt : null,
        );
    }

    /** @return array{?string, string, ?string} its day where it has none beside it, HH:MM or '', minutes */
    private function time(): array
    {
        preg_match('/^(?:(\S{10}) )?(\d\d:\d\d)(?:\+(\d+))?$/', $this->value(PieceKind::Time) ?? '', $said, PREG_UNMATCHED_AS_NULL);

        return [$said[1] ?? null, $said[2] ?? '', $said[3] ?? null];
    }

    /**
     * @template T
     *
     * @param ?T $word
     * @param ?T $known
     *
     * @return ?T
     */
    private static function pick(bool $lineWins, mixed $word, mixed $known): mixed
    {
        return $lineWins ? $word ?? $known : $known ?? $word;
    }

    private function value(PieceKind $kind): ?string
    {
        return $this->line->piece($kind)?->value;
    }

    /** The day that a piece says. */
    public function day(PieceKind $kind): ?Day
    {
        $value = $this->value($kind);

        return $value === null ? null : Day::of($value);
    }

    /** Whom or what a piece names: what was chosen, or the only one that it can mean. */
    public function named(PieceKind $kind, NameKind $of): ?int
    {
        $piece = $this->line->piece($kind);
        $names = $piece === null ? [] : $piece->names;
        $only = count($names) === 1 ? $names[0] : null;
        $chosen = $piece === null ? null : $this->chosen[$piece->key()] ?? null;

        foreach ($names as $name) {
            if ($name->kind === $of && ($chosen === null ? $name === $only : $chosen === "{$name->kind->value} $name->id")) {
                return (int) $name->id;
            }
        }

        return null;
    }

    /** The whole name of whoever is meant, or the words as they stand. */
    private function waitingFor(): ?string
    {
        $piece = $this->line->piece(PieceKind::WaitingFor);

        return $piece instanceof Piece && count($piece->names) === 1 ? $piece->names[0]->words : $piece?->value;
    }
}
