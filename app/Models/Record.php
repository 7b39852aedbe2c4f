<?php

declare(strict_types=1);

namespace App\Models;

use App\Actions\ChangeLog;
use App\Models\Relations\BelongsToPerson;
use Illuminate\Database\Eloquent\Model;
use ReflectionMethod;

/**
 * One row of a table. What is written while a change is open goes into its log.
 *
 * @property int $id
 */
abstract class Record extends Model
{
    protected $guarded = [];

    /** @var array<class-string, array<string, string>> what a class casts: asked for at each attribute, and always the same */
    private static array $castsOf = [];

    public function getCasts(): array
    {
        return self::$castsOf[static::class] ??= parent::getCasts();
    }

    /** A column that is empty or not cast, and a relation that is loaded, are read at once, without looking for what might turn them into something else. */
    public function getAttribute($key)
    {
        if (! array_key_exists($key, $this->attributes)) {
            return $this->relations[$key] ?? parent::getAttribute($key);
        }

        $stored = $this->attributes[$key];
        $isPlain = $stored === null || (! isset($this->getCasts()[$key]) && $key !== self::CREATED_AT && $key !== self::UPDATED_AT);

        return $isPlain ? $stored : parent::getAttribute($key);
    }

    protected static function booted(): void
    {
        foreach (['created', 'updated', 'deleted'] as $event) {
            static::registerModelEvent($event, static function (self $record) use ($event): void {
                app(ChangeLog::class)->note($record, $event);
            });
        }
    }

    /**
     * As the framework does it, but by the names of methods alone. Looking through some hundred methods of each class for
     * attributes that none of them has takes a tenth of a screen's time, since every request begins anew.
     */
    protected static function bootTraits(): void
    {
        self::$traitInitializers[static::class] = [];

        foreach (class_uses_recursive(static::class) as $trait) {
            $boot = 'boot'.class_basename($trait);
            $initialize = 'initialize'.class_basename($trait);

            if (method_exists(static::class, $boot)) {
                (new ReflectionMethod(static::class, $boot))->invoke(null);
            }

            if (method_exists(static::class, $initialize)) {
                self::$traitInitializers[static::class][] = $initialize;
            }
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
