<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Relations\BelongsToPerson;
use Illuminate\Database\Eloquent\Model;

/**
 * One row of a table. What is written while a change is open goes into its log.
 *
 * @property int $id
 *
 * @phpstan-consistent-constructor
 */
abstract class Record extends Model
{
    protected $guarded = [];

    protected static function booted(): void
    {
        foreach (['created', 'updated', 'deleted'] as $event) {
            static::registerModelEvent($event, static function (self $record) use ($event): void {
                app(Journal::class)->note($record, $event);
            });
        }
    }

    /** @return BelongsToPerson<$this> one of the people, who are loaded once for all that name them */
    protected function belongsToPerson(string $column): BelongsToPerson
    {
        return new BelongsToPerson(Person::query(), $this, $column, 'id', $this->guessBelongsToRelation());
    }

    /**
     * The columns the last write changed, as they were before it.
     *
     * @return array<string, mixed>
     */
    public function before(): array
    {
        return array_intersect_key($this->getPrevious(), $this->getChanges());
    }
}
