<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Person;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A change that a person made, as one of the steps by which they go back and forth. */
final readonly class MadeChange
{
    /** So long a step can be gone back without being looked for in the history, in hours. */
    private const HOURS = 24;

    private function __construct(
        public int $id,
        public string $batch,
        public ChangeKind $kind,
        public string $words,
        public bool $isTakenBack,
    ) {
    }

    public static function of(Person $who, string $batch): ?self
    {
        return self::from(self::by($who)->where('batch', $batch));
    }

    /**
     * Which of some changes the person made and did not undo yet.
     *
     * @param array<array-key, mixed> $batches
     *
     * @return list<mixed>
     */
    public static function undoable(Person $who, array $batches): array
    {
        return array_values(self::by($who)->whereIn('batch', $batches)->whereNull('taken_back_by_id')->pluck('batch')->all());
    }

    /** The last step that can be undone: not what was undone already. */
    public static function lastOf(Person $who): ?self
    {
        return self::from(self::steps($who)->where('kind', '!=', ChangeKind::Undo));
    }

    /** The last undo that can be done again: nothing else was changed by the person since. */
    public static function lastUndoneOf(Person $who): ?self
    {
        $newest = self::by($who)->where('kind', ChangeKind::Change)->where('is_step', true)->max('id');

        return self::from(
            self::steps($who)
                ->where('kind', ChangeKind::Undo)
                ->where('id', '>', is_numeric($newest) ? (int) $newest : 0),
        );
    }

    /** What taking it back is. */
    public function reverse(): ChangeKind
    {
        return $this->kind === ChangeKind::Undo ? ChangeKind::Redo : ChangeKind::Undo;
    }

    /** What taking it back is told as. */
    public function reverseWords(): string
    {
        $words = (string) preg_replace('/^(Undid|Redid): /', '', $this->words);

        return ($this->reverse() === ChangeKind::Undo ? 'Undid' : 'Redid').': '.lcfirst($words);
    }

    private static function by(Person $who): Builder
    {
        return DB::table('changes')->where('person_id', $who->id)->orderByDesc('id');
    }

    private static function steps(Person $who): Builder
    {
        return self::by($who)
            ->where('is_step', true)
            ->whereNull('taken_back_by_id')
            ->where('made_at', '>=', Carbon::now()->subHours(self::HOURS));
    }

    private static function from(Builder $query): ?self
    {
        $row = $query->first();

        return $row === null
            ? null
            : new self(
                (int) $row->id,
                (string) $row->batch,
                ChangeKind::from((string) $row->kind),
                (string) $row->words,
                $row->taken_back_by_id !== null,
            );
    }
}
