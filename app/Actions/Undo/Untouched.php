<?php

declare(strict_types=1);

namespace App\Actions\Undo;

use App\Models\Addition;
use App\Models\AgendaItem;
use App\Models\AgreedChange;
use App\Models\Answer;
use App\Models\Attendance;
use App\Models\Checkpoint;
use App\Models\Decision;
use App\Models\Estimate;
use App\Models\FinalMinutes;
use App\Models\FollowUp;
use App\Models\Goal;
use App\Models\Judgement;
use App\Models\Meeting;
use App\Models\NoteLine;
use App\Models\Reading;
use App\Models\Record;
use App\Models\Report;
use App\Models\Retrospective;
use App\Models\Review;
use App\Models\Task;
use App\Store\RefusedChange;

/** Refuses to undo what somebody has changed since, what others have built on, and what is final. */
final readonly class Untouched
{
    /** Columns that others write in passing, and that decide nothing. */
    private const IGNORED = ['changed_on'];

    /** Of a record that was made: it may have been worked on. */
    private const IGNORED_WHEN_MADE = ['position', 'created_at', 'changed_on'];

    /** What is said of an answer, and is none of its words: a finished review can have it too. */
    private const MARKS = ['is_worth_telling' => true, 'goal_id' => true];

    /** @throws RefusedChange saying what stands in the way */
    public static function check(LoggedWrite $entry): void
    {
        $final = self::final($entry);

        if ($final !== null) {
            throw new RefusedChange('undo', $final);
        }

        if ($entry->isDeleted()) {
            return;
        }

        if ($entry->record === null || self::differs($entry->record, $entry->now, $entry->isMade())) {
            throw new RefusedChange('undo', 'This has been changed since then. Nothing was undone.');
        }

        if ($entry->isMade()) {
            BuiltOn::refuse($entry->record, $entry->batch);
        }
    }

    private static function final(LoggedWrite $entry): ?string
    {
        $record = $entry->subject();
        $closed = self::closedGoalOf($record, $entry);

        return match (true) {
            self::meetingOf($record)?->closed_at !== null => 'These minutes are final. Nothing was undone.',
            $record instanceof Task &&
                ($entry->isMade() || $entry->isDeleted()) &&
                self::meetingOf(AgendaItem::query()->find($record->agenda_item_id))?->closed_at !== null
                => "“{$record->title}” is part of final minutes. Nothing was undone.",
            $record instanceof Report && $record->sent_at !== null => 'This report was sent: it stays as it went out. Nothing was undone.',
            self::retrospectiveOf($record, $entry)?->finished_at !== null => 'This retrospective is finished. Reopen it first.',
            self::reviewOf($record, $entry)?->held_at !== null => 'This review is finished. Reopen it first.',
            $closed !== null => "“{$closed->title}” is closed. Reopen it first.",
            default => null,
        };
    }

    private static function meetingOf(?Record $record): ?Meeting
    {
        return match (true) {
            $record instanceof Meeting => $record,
            $record instanceof AgendaItem, $record instanceof Attendance => Meeting::query()->find($record->meeting_id),
            $record instanceof Addition, $record instanceof FinalMinutes, $record instanceof FollowUp => Meeting::query()->find(
                $record->meeting_id,
            ),
            $record instanceof Decision, $record instanceof NoteLine => self::meetingOf(AgendaItem::query()->find($record->agenda_item_id)),
            default => null,
        };
    }

    private static function reviewOf(Record $record, LoggedWrite $entry): ?Review
    {
        return match (true) {
            $record instanceof Review => $record,
            $record instanceof Answer && array_diff_key($entry->now, self::MARKS) !== [] => Review::query()->find($record->review_id),
            default => null,
        };
    }

    /** A retrospective itself, but for what opens or ends it; and a change that was agreed on in it, but for what became of that. */
    private static function retrospectiveOf(Record $record, LoggedWrite $entry): ?Retrospective
    {
        return match (true) {
            $record instanceof Retrospective && ! array_key_exists('finished_at', $entry->now) => $record,
            $record instanceof AgreedChange && ($entry->isMade() || $entry->isDeleted()) => Retrospective::query()->find(
                $record->retrospective_id,
            ),
            default => null,
        };
    }

    /** A goal that is closed and was not yet at the change, unless it was closed, or opened again, by the very change. */
    private static function closedGoalOf(Record $record, LoggedWrite $entry): ?Goal
    {
        $goal = match (true) {
            $record instanceof Goal => array_key_exists('closed_on', $entry->now) ? null : $record,
            $record instanceof Reading,
            $record instanceof Checkpoint,
            $record instanceof Judgement,
            $record instanceof Estimate
                => Goal::query()->find($record->goal_id),
            default => null,
        };

        return $goal?->closed_on !== null && ! $entry->isOfClosed($goal) ? $goal : null;
    }

    /**
     * Whether a column that the change wrote holds something else by now.
     *
     * @param array<string, mixed> $now
     */
    private static function differs(Record $record, array $now, bool $wasMade): bool
    {
        $there = $record->getAttributes();

        foreach (array_diff_key($now, array_flip($wasMade ? self::IGNORED_WHEN_MADE : self::IGNORED)) as $column => $value) {
            if (array_key_exists($column, $there) && self::plain($there[$column]) !== self::plain($value)) {
                return true;
            }
        }

        return false;
    }

    /** A stored value as text: a driver may give a number back that was written as text. */
    private static function plain(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? '1' : '0',
            is_numeric($value) => (string) ($value + 0),
            default => (string) json_encode($value),
        };
    }
}
