<?php

declare(strict_types=1);

namespace Loftrin\Core\Calendar;

/**
 * A rhythm as people also say it, in the words that {@see RhythmReader} goes by: "fortnightly" is "every two weeks", "monthly on the
 * 15th" is "every 15th", "month end" is "last day of the month". What says no rhythm stays as it is.
 */
final readonly class RhythmWords
{
    private const DAY = '(?:mon|tues|wednes|thurs|fri|satur|sun)day';

    /** As a name of a day is also shortened, or meant for all of them. */
    private const SHORT = '(?:mon|tues?|wed(?:nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:days?)?';

    private const ORDINAL = '(?:first|second|third|fourth|last|[1-5](?:st|nd|rd|th))';

    private const NUMBERED = '(\d{1,2}(?:st|nd|rd|th))';

    private const LONG = '(?:month|quarter|year)';

    /** What is said, and what it means, one after the other. */
    private const MEANINGS = [
        '/^each\b/' => 'every',
        '/(?<=[a-z])\/(?=[a-z])/' => ', ',
        '/\b(?:of|in) each\b/' => 'of every',
        '/^every (?:morning|afternoon|evening|night)$/' => 'every day',
        '/ (?:in the )?(?:morning|afternoon|evening|night)s?$/' => '',
        '/^(?:on )?weekdays$|^monday (?:to|through|until) friday$|^mon-fri$/' => 'every weekday',
        '/^(?:fortnightly|bi-?weekly|every fortnight)\b/' => 'every two weeks',
        '/^(?:half-?yearly|half yearly|semi-?annually|every half[- ]year|six-monthly|twice (?:a|each|every|per) year)$/' =>
            'every six months',
        '/^twice (?:(?:a|each|every|per) month|monthly)$/' => 'every 1st and 15th',
        '/^twice (?:a|each|every|per) week$/' => 'every monday and thursday',
        '/^three times (?:a|each|every|per) week$/' => 'every monday, wednesday and friday',
        '/^(?:once )?(?:a|every|each|per) (day|week|month|quarter|year)$/' => 'every $1',
        '/^once (?:a|every|each|per) (\S+ (?:days|weeks|months|quarters|years))$/' => 'every $1',
        '/^daily\b/' => 'every day',
        '/^three times (?:a|each|every|per) year$/' => 'every four months',
        '/^four times (?:a|each|every|per) year$/' => 'every quarter',
        '/^(?:every |on |at (?:the )?)?weekends?$/' => 'every saturday and sunday',
        '/^(?:every |on )?alternate ('.self::DAY.')s?$/' => 'every two weeks on $1',
        '/^(?:every )?mid-month$/' => 'every 15th',
        '/^(?:annually|every twelve months)\b/' => 'every year',
        '/^(week|month|quarter|year)ly\b/' => 'every $1',
        '/^(?:at |by |on )?(?:the )?end of (?:the |every )?('.
        self::LONG.
        ')$|^(?:every )?('.
        self::LONG.
        ')[- ]end$/' => 'last day of the $1$2',
        '/^(?:at |on )?(?:the )?(?:beginning|start) of (?:the |every )?('.self::LONG.')$/' => 'first day of the $1',
        '/^(?:on )?((?:'.self::DAY.'s)(?:(?:, ?| and |, and )'.self::DAY.'s)*)$/' => 'every $1',
        '/^(?:on )?('.self::SHORT.'(?:(?:, ?| and |, and )'.self::SHORT.')+)$/' => 'every $1',
        '/^(every .+?),? on (?:an? )?(?='.self::DAY.')/' => '$1 on ',
        '/^every week on /' => 'every ',
        '/^every (first|last) ('.self::DAY.')$|^(?:on )?the ('.self::ORDINAL.') ('.self::DAY.')$/' => '$1$3 $2$4 of the month',
        '/^(?:on )?(?:the )?first of (?:the |every )month$/' => 'first day of the month',
        '/^(?:on )?(\d{1,2}(?:st|nd|rd|th)) of (?:the |every )month$/' => 'every $1',
        '/^every ('.
        self::LONG.
        ') on (?:the )?('.
        self::ORDINAL.
        ' (?:working day|workday|day|'.
        self::DAY.
        '))$/' => '$2 of the $1',
        '/^every ('.self::LONG.') on (?:the )?(\d{1,2}(?:st|nd|rd|th)?(?:(?:, ?| and )\d{1,2}(?:st|nd|rd|th)?)*)$/' => 'every $2',
        '/^(?:every )?(?:on )?(?:the )?'.
        self::NUMBERED.
        '(?: and |, )(?:the )?'.
        self::NUMBERED.
        '(?: of (?:the|every) month)?$/' => 'every $1 and $2',
        '/^(?:on )?(?:the )?('.
        self::ORDINAL.
        ') and ('.
        self::ORDINAL.
        ') ('.
        self::DAY.
        ')(?: of (?:the|every) month)?$/' => '$1 and $2 $3 of the month',
        '/^(?:on )?(?:the )?(first|last) (working day|workday)$/' => '$1 $2 of the month',
        '/^every year (?:on|in) (?:the )?/' => 'every ',
        '/^(?:on )?(?:the )?(\d{1,2})(?:st|nd|rd|th)? (?:of )?([a-z]+) every year$/' => 'every $1 $2',
        '/^every ([a-z]+) (\d{1,2})(?:st|nd|rd|th)?$/' => 'every $2 $1',
        '/ after (?:its |the )?(?:completion|completing it|finishing(?: it)?|doing it|it(?:’|\')s done|the last time)$/' =>
            ' after it is done',
    ];

    /** @param string $said in small letters, with single spaces */
    public static function canonical(string $said): string
    {
        foreach (self::MEANINGS as $pattern => $meaning) {
            $said = trim((string) preg_replace("{$pattern}u", $meaning, $said));
        }

        return $said;
    }
}
