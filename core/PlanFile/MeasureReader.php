<?php

declare(strict_types=1);

namespace Loftrin\Core\PlanFile;

use Loftrin\Core\Calendar\Period;
use Loftrin\Core\Goals\Checkpoint;
use Loftrin\Core\Goals\Checkpoints;
use Loftrin\Core\Goals\Closing;
use Loftrin\Core\Goals\Measure;
use Loftrin\Core\Goals\MeasureKind;
use Loftrin\Core\Goals\Result;
use Loftrin\Core\Goals\Sense;

/** Reads how a goal is judged, paced and closed. */
final readonly class MeasureReader
{
    public function measure(Record $record): ?Measure
    {
        $measure = $record->record('measure');

        if ($measure === null) {
            return $record->has('measure') ? null : $record->fault('measure is missing');
        }

        $name = $measure->required('kind');
        $kind = $name === null ? null : MeasureKind::tryFrom($name) ?? $record->fault("measure kind $name is unknown");

        return $kind === null
            ? null
            : $record->make(
                static fn(): Measure => match ($kind) {
                    MeasureKind::Work => new Measure\Work($measure->number('tasks_weight')),
                    MeasureKind::Number => new Measure\Number($measure->requiredNumber('start'), $measure->requiredNumber('target')),
                    MeasureKind::Keep => new Measure\Keep(
                        $measure->requiredNumber('limit'),
                        $measure->choice('sense', Sense::class, Sense::AtLeast),
                        $measure->number('share'),
                    ),
                    MeasureKind::Count => new Measure\Count($measure->requiredNumber('target')),
                    MeasureKind::YesNo => new Measure\YesNo(),
                    MeasureKind::Judged => new Measure\Judged(),
                },
            );
    }

    public function closing(Record $record): ?Closing
    {
        $result = $record->choice('result', Result::class, Result::Stopped);
        $on = $record->day('closed_on');

        if ($record->has('closed_on') !== $record->has('result')) {
            return $record->fault($record->has('result') ? 'result needs closed_on' : 'closed_on needs a result');
        }

        return $on === null ? null : $record->make(static fn(): Closing => new Closing($on, $result, $record->number('score')));
    }

    public function checkpoints(Record $record, Period $period): Checkpoints
    {
        $points = [];

        foreach ($record->records('checkpoints') as $point) {
            $on = $point->requiredDay('on');
            $fraction = $point->requiredNumber('fraction');

            if ($on !== null) {
                $points[] = new Checkpoint($on, $fraction);
            }
        }

        return Checkpoints::in($period, $points);
    }
}
