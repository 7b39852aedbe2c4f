<?php

declare(strict_types=1);

namespace App\Queries\Capture\Answers;

use App\Models\Jot;
use App\Models\Person;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Capture\Understood;

/** One thing to sort: as it was written, and as it was understood. */
final readonly class TrayItem implements Props
{
    /**
     * @param string $by the name of who wrote it down
     * @param list<string> $refused keys of what was understood and is not meant
     * @param ?Returned $returned when it came back, and why; null of what was only jotted down
     * @param array<string, string> $chosen what ambiguous names mean, by their keys
     */
    public function __construct(
        public int $id,
        public string $words,
        public Day $jottedOn,
        public string $by,
        public ReadLine $line,
        public array $refused,
        public array $chosen,
        public ?Returned $returned,
    ) {
    }

    public static function of(Jot $jot, Understood $line, Person $viewer): self
    {
        return new self(
            $jot->id,
            $jot->words,
            $jot->jotted_on,
            $jot->person->name,
            ReadLine::of($line),
            $jot->refused ?? [],
            $jot->chosen ?? [],
            Returned::of($jot, $viewer),
        );
    }
}
