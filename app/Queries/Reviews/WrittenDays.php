<?php

declare(strict_types=1);

namespace App\Queries\Reviews;

use App\Models\Appointment;
use App\Models\EveningAnswer;
use App\Models\LogLine;
use App\Models\Person;
use App\Models\Workspace;
use App\Queries\Reviews\Answers\DayLine;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Calendar\Span;
use Loftrin\Core\Day\LogTag;

/** What a person's days say of a span: their findings, the days with nothing written, their appointments. */
final readonly class WrittenDays
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return list<DayLine> lines of the log that are findings */
    public function findings(Span $span, Person $person): array
    {
        return array_values(
            LogLine::query()
                ->where('person_id', $person->id)
                ->where('tag', LogTag::Finding)
                ->whereBetween('on', [(string) $span->first, (string) $span->last])
                ->orderBy('on')
                ->orderBy('at')
                ->orderBy('id')
                ->get()
                ->map(static fn(LogLine $line): DayLine => new DayLine($line->on, $line->words))
                ->all(),
        );
    }

    /** @return list<string> working days up to today, YYYY-MM-DD, on which nothing was written, neither in the log nor in the evening */
    public function blank(Span $span, Person $person): array
    {
        $within = [(string) $span->first, (string) $span->last];
        $written = [
            ...LogLine::query()->where('person_id', $person->id)->whereBetween('on', $within)->distinct()->pluck('on')->all(),
            ...EveningAnswer::query()->where('person_id', $person->id)->whereBetween('on', $within)->distinct()->pluck('on')->all(),
        ];
        $known = array_map(static fn(mixed $day): string => $day instanceof Day ? (string) $day : '', $written);
        $blank = [];

        for ($day = $span->first; ! $day->isAfter($span->last); $day = $day->plus(1)) {
            $isOver = ! $day->isAfter($this->workspace->today());

            if ($isOver && $this->workspace->calendar()->isWorkingDay($day) && ! in_array((string) $day, $known, true)) {
                $blank[] = (string) $day;
            }
        }

        return $blank;
    }

    /** @return list<DayLine> "09:30 Dentist", in the order of time */
    public function appointments(Span $span, Person $person): array
    {
        return array_values(
            Appointment::query()
                ->where('person_id', $person->id)
                ->whereBetween('on', [(string) $span->first, (string) $span->last])
                ->orderBy('on')
                ->orderBy('at')
                ->orderBy('id')
                ->get()
                ->map(static fn(Appointment $each): DayLine => new DayLine($each->on, "$each->at $each->title"))
                ->all(),
        );
    }
}
