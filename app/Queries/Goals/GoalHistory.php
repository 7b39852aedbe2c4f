<?php

declare(strict_types=1);

namespace App\Queries\Goals;

use App\Models\Comment;
use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Judgement;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Workspace;
use App\Queries\Goals\Answers\LogEntry;
use App\Queries\Parts\Answers\Gauge;
use App\Queries\Plan\CoreRecords;
use App\Store\MadeChange;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Goals\Result;
use Spatie\Activitylog\Models\Activity;

/** All that was said of a goal, read of it and done to it, day by day. */
final readonly class GoalHistory
{
    public function __construct(private Workspace $workspace, private GoalChanges $changes)
    {
    }

    /** @return list<LogEntry> up to the end of the day, newest first */
    public function of(Goal $goal, Person $viewer, Day $on): array
    {
        $entries = [
            ...self::readings($goal),
            ...self::comments($goal, $viewer),
            ...self::estimates($goal, $viewer),
            ...self::judgements($goal, $viewer),
            ...$this->changed($goal, $viewer),
        ];
        $known = array_filter($entries, static fn(LogEntry $entry): bool => ! $entry->on->isAfter($on));
        usort($known, static fn(LogEntry $a, LogEntry $b): int => [$b->on->number, $b->order] <=> [$a->on->number, $a->order]);

        return $known;
    }

    /** @return Collection<int, LogEntry> readings of a number */
    private static function readings(Goal $goal): Collection
    {
        return $goal->readings->map(
            static fn(Reading $reading): LogEntry => new LogEntry(
                key: "reading $reading->id",
                kind: LogKind::Reading,
                on: $reading->on,
                order: $reading->id,
                who: $reading->author->name,
                words: 'entered '.Gauge::amount(CoreRecords::exact($reading->value), $goal->unit),
            ),
        );
    }

    /** @return Collection<int, LogEntry> what was said */
    private static function comments(Goal $goal, Person $viewer): Collection
    {
        return $goal
            ->comments()
            ->with('person')
            ->get()
            ->map(
                static fn(Comment $comment): LogEntry => new LogEntry(
                    key: "comment $comment->id",
                    kind: LogKind::Comment,
                    on: $comment->on,
                    order: $comment->id,
                    who: $comment->person->name,
                    words: '',
                    text: $comment->words,
                    remove: $comment->person_id === $viewer->id ? route('comments.destroy', $comment, false) : null,
                ),
            );
    }

    /** @return Collection<int, LogEntry> how likely it was thought to be */
    private static function estimates(Goal $goal, Person $viewer): Collection
    {
        return $goal
            ->estimates()
            ->with('person')
            ->get()
            ->map(
                static fn(Estimate $estimate): LogEntry => new LogEntry(
                    key: "estimate $estimate->id",
                    kind: LogKind::Estimate,
                    on: $estimate->on,
                    order: $estimate->id,
                    who: $estimate->person->name,
                    words: "$estimate->chance% likely",
                    text: $estimate->line,
                    remove: $estimate->person_id === $viewer->id ? route('estimates.destroy', $estimate, false) : null,
                ),
            );
    }

    /** @return Collection<int, LogEntry> which way it was seen to move */
    private static function judgements(Goal $goal, Person $viewer): Collection
    {
        return $goal
            ->judgements()
            ->with('person')
            ->get()
            ->map(
                static fn(Judgement $judgement): LogEntry => new LogEntry(
                    key: "judgement $judgement->id",
                    kind: LogKind::Judgement,
                    on: $judgement->on,
                    order: $judgement->id,
                    who: $judgement->person->name,
                    words: $judgement->direction->value,
                    text: $judgement->line,
                    remove: $judgement->person_id === $viewer->id ? route('judgements.destroy', $judgement, false) : null,
                ),
            );
    }

    /** @return list<LogEntry> what was changed about the goal itself, and how it was closed */
    private function changed(Goal $goal, Person $viewer): array
    {
        $entries = [];
        $isClosingLogged = false;
        $activities = Activity::query()
            ->where('subject_type', $goal->getMorphClass())
            ->where('subject_id', $goal->id)
            ->where('event', 'updated')
            ->with('causer')
            ->orderBy('id')
            ->get();
        $own = MadeChange::undoable($viewer, $activities->pluck('batch_uuid')->all());

        foreach ($activities as $activity) {
            /** @var array<string, mixed> $now */
            $now = $activity->properties?->get('now', []) ?? [];
            /** @var array<string, mixed> $before */
            $before = $activity->properties?->get('before', []) ?? [];
            $who = $activity->causer instanceof Person ? $activity->causer->name : null;
            $result = Result::tryFrom(is_string($now['result'] ?? null) ? $now['result'] : '');
            $isClosing = array_key_exists('closed_on', $now);
            $isClosingLogged = $isClosing ? $result !== null : $isClosingLogged;
            $words = match (true) {
                $isClosing && $result === null => ['reopened it'],
                $isClosing => ['closed it as '.GoalChanges::result($result)],
                default => $this->changes->of($goal, $before, $now, $viewer),
            };

            foreach ($words as $place => $said) {
                $entries[] = new LogEntry(
                    "change $activity->id $place",
                    $isClosing ? LogKind::Closing : LogKind::Change,
                    $this->workspace->wallDay($activity->created_at ?? Carbon::now()),
                    $activity->id,
                    $who,
                    $said,
                    $isClosing && is_string($now['closing_line'] ?? null) ? $now['closing_line'] : null,
                    undo: $place === 0 && in_array($activity->batch_uuid, $own, true)
                        ? route('undo', (string) $activity->batch_uuid, false)
                        : null,
                );
            }
        }

        return $isClosingLogged ? $entries : [...$entries, ...self::closing($goal)];
    }

    /** @return list<LogEntry> how it was closed, where no change says so */
    private static function closing(Goal $goal): array
    {
        if ($goal->closed_on === null || $goal->result === null) {
            return [];
        }

        return [
            new LogEntry(
                key: 'closing',
                kind: LogKind::Closing,
                on: $goal->closed_on,
                order: 0,
                who: null,
                words: 'Closed as '.GoalChanges::result($goal->result),
                text: $goal->closing_line,
            ),
        ];
    }
}
