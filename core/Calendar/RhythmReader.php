<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

use InvalidArgumentException;

/** Reads a rhythm in plain words: "every second Thursday", "every 31st", "three weeks after it is done". Rules: computation 12. */
final readonly class RhythmReader
{
    private const EXAMPLES =
        'Write for example “every second Thursday”, “every 31st”, “first Monday of the quarter”, '.
        '“three weeks after it is done” or “when needed”';

    /** Working days, as a rule names them. */
    public const WORKING = 'MO,TU,WE,TH,FR';

    /** @param int $yearStartsIn the month, 1 to 12, from which quarters are counted */
    public function __construct(private int $yearStartsIn = 1)
    {
    }

    /** @throws InvalidArgumentException when the words say no rhythm, with examples of some that do */
    public function read(string $words): Rhythm
    {
        $kept = trim((string) preg_replace('/\s+/u', ' ', $words));
        $said = mb_strtolower(rtrim($kept, '.'));

        if ($said === '' || $said === 'when needed' || $said === 'as needed') {
            return new Rhythm('when needed');
        }

        $said = RhythmWords::canonical($said);

        if (preg_match('/^(\S+) (day|week|month|year)s? after (?:it is|it was|being|last) done$/', $said, $found) === 1) {
            $every = RhythmTerms::number($found[1]);

            return $every === null ? throw new InvalidArgumentException(self::EXAMPLES) : new Rhythm($kept, every: $every, unit: $found[2]);
        }

        $rule = $this->counted($said) ?? ($this->weekdays($said) ?? (new RhythmDates($this->yearStartsIn))->read($said));

        return $rule === null ? throw new InvalidArgumentException(self::EXAMPLES) : new Rhythm($kept, $rule);
    }

    /** "every day", "every three weeks", "every working day", "every quarter". */
    private function counted(string $said): ?string
    {
        if (preg_match('/^every (?:weekday|working day|workday)$/', $said) === 1) {
            return 'FREQ=WEEKLY;BYDAY='.self::WORKING;
        }

        if (preg_match('/^every (?:(\S+) )?(day|week|month|quarter|year)s?$/', $said, $found) !== 1) {
            return null;
        }

        $every = $found[1] === '' ? 1 : RhythmTerms::number($found[1]);

        return $every === null
            ? null
            : match ($found[2]) {
                'day' => self::freq('DAILY', $every),
                'week' => self::freq('WEEKLY', $every),
                'month' => self::freq('MONTHLY', $every),
                'quarter' => self::freq('MONTHLY', 3 * $every),
                default => self::freq('YEARLY', $every),
            };
    }

    /** "every Thursday", "every second Thursday", "every Monday, Wednesday and Friday", "every two weeks on Monday". */
    private function weekdays(string $said): ?string
    {
        if (preg_match('/^every day (?:except|but)(?: on)? (\S+)$/', $said, $but) === 1) {
            $left = array_diff(RhythmTerms::week(), [RhythmTerms::weekday($but[1])]);

            return count($left) === 6 ? 'FREQ=WEEKLY;BYDAY='.implode(',', $left) : null;
        }

        if (preg_match('/^every (?:(\S+) weeks? on |week on )?(.+)$/', $said, $found) !== 1) {
            return null;
        }

        $every = $found[1] === '' ? 1 : RhythmTerms::number($found[1]);
        $list = $found[2];

        if (
            preg_match('/^(\S+) (\S+)$/', $list, $parts) === 1 &&
            $found[1] === '' &&
            RhythmTerms::number($parts[1]) !== null &&
            RhythmTerms::weekday($parts[2]) !== null
        ) {
            [$every, $list] = [RhythmTerms::number($parts[1]), $parts[2]];
        }

        $days = array_map(RhythmTerms::weekday(...), explode(',', (string) preg_replace('/,? and |, ?/', ',', $list)));

        return $every === null || in_array(null, $days, true) ? null : self::freq('WEEKLY', $every).';BYDAY='.implode(',', $days);
    }

    private static function freq(string $freq, int $every): string
    {
        return $every === 1 ? "FREQ=$freq" : "FREQ=$freq;INTERVAL=$every";
    }
}
