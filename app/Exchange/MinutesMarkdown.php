<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Queries\Meetings\Answers\AdditionRow;
use App\Queries\Meetings\Answers\MinutesDecision;
use App\Queries\Meetings\Answers\MinutesItem;
use App\Queries\Meetings\Answers\MinutesLine;
use App\Queries\Meetings\Answers\MinutesStep;
use App\Queries\Meetings\Answers\MinutesText;
use App\Queries\Parts\Markdown;
use Loftrin\Core\Meetings\AgendaKind;

/** Minutes as CommonMark: decisions and next steps first, then item by item. What people wrote stands there to the letter. */
final readonly class MinutesMarkdown
{
    /** @param list<AdditionRow> $additions */
    public static function of(MinutesText $minutes, array $additions = []): string
    {
        $steps = array_merge(...array_map(static fn(MinutesItem $item): array => $item->nextSteps, $minutes->items));
        $parts = [
            '# '.Markdown::plain("$minutes->title, $minutes->on"),
            Markdown::plain("$minutes->begins to $minutes->ends, $minutes->took of $minutes->planned min"),
            self::people($minutes),
            $minutes->summary === null ? '' : self::lines(explode("\n", $minutes->summary)),
            '## Decisions',
            self::decisions($minutes->items),
            '## Next steps',
            $steps === [] ? 'None.' : self::list(array_map(self::step(...), $steps)),
            ...array_merge(...array_map(self::item(...), $minutes->items)),
            $additions === [] ? '' : '## Added since',
            self::list(
                array_map(
                    static fn(AdditionRow $added): string => Markdown::plain("$added->who, $added->on $added->at: ").
                        Markdown::plain($added->words),
                    $additions,
                ),
            ),
        ];

        return implode("\n\n", array_filter($parts, static fn(string $part): bool => $part !== ''))."\n";
    }

    private static function people(MinutesText $minutes): string
    {
        return self::lines(
            array_filter(
                [
                    'Present: '.($minutes->present === [] ? 'nobody' : implode(', ', $minutes->present)),
                    $minutes->absent === [] ? '' : 'Absent: '.implode(', ', $minutes->absent),
                    $minutes->chair === null ? '' : "Chair: $minutes->chair",
                    $minutes->minuteTaker === null ? '' : "Minutes: $minutes->minuteTaker",
                ],
                static fn(string $line): bool => $line !== '',
            ),
        );
    }

    /** @param list<MinutesItem> $items */
    private static function decisions(array $items): string
    {
        $decisions = array_merge(...array_map(static fn(MinutesItem $item): array => $item->decisions, $items));

        return $decisions === []
            ? 'None.'
            : self::list(
                array_map(
                    static fn(MinutesDecision $decision): string => '**'.
                        Markdown::plain($decision->words).
                        '**'.
                        ($decision->because === null ? '' : ' '.Markdown::plain("Reason: $decision->because")),
                    $decisions,
                ),
            );
    }

    private static function step(MinutesStep $step): string
    {
        return Markdown::plain(
            "$step->what: $step->who".
                ($step->by === null ? '' : ", by $step->by").
                ($step->for === null ? '' : ", for $step->for").
                ($step->answer === null ? '' : " ($step->answer)"),
        );
    }

    /** @return list<string> */
    private static function item(MinutesItem $item): array
    {
        if ($item->kind === AgendaKind::Closing && $item->lines === []) {
            return [];
        }

        $about = implode(
            ', ',
            array_filter(
                [
                    $item->at === null ? 'not reached' : "$item->at, $item->took of $item->planned min",
                    $item->who,
                    $item->outcome === null ? null : str_replace('_', ' ', $item->outcome->value),
                ],
                static fn(?string $part): bool => $part !== null,
            ),
        );

        return [
            '## '.Markdown::plain($item->title),
            Markdown::plain($about),
            $item->followUps === [] ? '' : self::list(array_map(self::step(...), $item->followUps)),
            self::lines(array_map(static fn(MinutesLine $line): string => $line->words, $item->lines)),
        ];
    }

    /** @param list<string> $entries in Markdown */
    private static function list(array $entries): string
    {
        return implode("\n", array_map(static fn(string $entry): string => "- $entry", $entries));
    }

    /**
     * Lines of text, each on a line of its own; an empty one ends a paragraph.
     *
     * @param array<string> $lines
     */
    private static function lines(array $lines): string
    {
        $text = implode(
            "\n",
            array_map(static fn(string $line): string => trim($line) === '' ? '' : Markdown::plain($line).'\\', $lines),
        );

        // The last line of a paragraph needs no break.
        return trim((string) preg_replace('/\\\\(?=\n\n|\n*$)/', '', $text), "\n");
    }
}
