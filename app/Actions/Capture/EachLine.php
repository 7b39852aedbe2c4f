<?php

declare(strict_types=1);

namespace App\Actions\Capture;

use App\Models\Person;
use App\Store\ChangeLog;
use App\Store\RefusedChange;
use Closure;

/** Adds what was written on a line; of a list that was pasted each line for itself, in one change that is undone as one. */
final readonly class EachLine
{
    public function __construct(private ChangeLog $log)
    {
    }

    /**
     * All of them or none.
     *
     * @template T
     *
     * @param non-empty-list<string> $lines
     * @param string $what they are, in the plural: "tasks"
     * @param Closure(string): T $add adds one
     *
     * @return non-empty-list<T> what each became
     *
     * @throws RefusedChange of a single line as its rule says it; of a list naming the first line that a rule is against
     */
    public function __invoke(Person $who, array $lines, string $what, Closure $add): array
    {
        if (count($lines) === 1) {
            return [$add($lines[0])];
        }

        $named = static function (string $line) use ($add): mixed {
            try {
                return $add($line);
            } catch (RefusedChange $reason) {
                throw new RefusedChange('lines', "“{$line}”: {$reason->getMessage()}");
            }
        };

        return $this->log->change($who, 'Added '.count($lines)." $what", static fn(): array => array_map($named, $lines));
    }
}
