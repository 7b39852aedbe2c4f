<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Props;

/**
 * The minutes of a meeting, to the letter: what is on screen, on paper and in every export of them.
 *
 * @phpstan-import-type MinutesItemText from MinutesItem
 */
final readonly class MinutesText implements Props
{
    /**
     * @param string $on YYYY-MM-DD
     * @param string $begins HH:MM
     * @param string $ends HH:MM, when it was closed
     * @param int $planned minutes
     * @param int $took minutes
     * @param list<string> $present names
     * @param list<string> $absent names
     * @param list<MinutesItem> $items in the order in which they were dealt with; what was not reached comes last
     */
    public function __construct(
        public string $title,
        public string $on,
        public string $begins,
        public string $ends,
        public int $planned,
        public int $took,
        public ?string $chair,
        public ?string $minuteTaker,
        public array $present,
        public array $absent,
        public ?string $summary,
        public array $items,
    ) {
    }

    /** As it was written. */
    public static function of(string $written): self
    {
        /**
         * @var array{
         *     title: string, on: string, begins: string, ends: string, planned: int, took: int, chair: ?string, minuteTaker: ?string,
         *     present: list<string>, absent: list<string>, summary: ?string, items: list<MinutesItemText>,
         * } $text
         */
        $text = json_decode($written, true, flags: JSON_THROW_ON_ERROR);

        return new self(...[...$text, 'items' => array_map(MinutesItem::of(...), $text['items'])]);
    }

    public function written(): string
    {
        return json_encode($this, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
