<?php

declare(strict_types=1);

namespace App\Models\Relations;

use App\Models\Person;
use Closure;
use Illuminate\Database\Eloquent\Builder;

/** Which of the records of a table a person may see, as a condition of SQL: asked for again and again, and written once a request. */
final class Sight
{
    /** @var array<string, array{string, list<mixed>}> the condition with what is bound in it, by table and person */
    private array $conditions = [];

    /**
     * @param string $table that the records are asked for from, or the name that it goes by there
     * @param Closure(): Builder<covariant \App\Models\Record> $seen those that the person may see
     *
     * @return array{string, list<mixed>} the condition with what is bound in it
     */
    public function of(string $table, Person $person, Closure $seen): array
    {
        return $this->conditions["$table $person->id"] ??= self::written($seen());
    }

    /**
     * @param Builder<covariant \App\Models\Record> $seen
     *
     * @return array{string, list<mixed>}
     */
    private static function written(Builder $seen): array
    {
        $query = $seen->toBase();

        return ['('.substr($query->getGrammar()->compileWheres($query), strlen('where ')).')', $query->getBindings()];
    }
}
