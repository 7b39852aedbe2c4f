<?php

declare(strict_types=1);

namespace App\Actions\Meetings;

use App\Models\Person;
use App\Models\Point;
use App\Models\Workspace;
use App\Store\ChangeLog;

/** Something to raise with a person: it is there in whichever meeting brings the two together. */
final readonly class NotePoint
{
    public function __construct(private ChangeLog $log, private Workspace $workspace)
    {
    }

    public function __invoke(Person $who, Person $about, string $words): Point
    {
        return $this->log->change(
            $who,
            "Noted a point for {$about->name}",
            fn(): Point => Point::query()->create([
                'person_id' => $who->id,
                'about_id' => $about->id,
                'words' => $words,
                'noted_on' => $this->workspace->today(),
            ]),
        );
    }

    public function tick(Person $who, Point $point, bool $isDone): void
    {
        $this->log->change(
            $who,
            $isDone ? 'Raised a point' : 'Noted a point again',
            fn() => $point->update(['done_on' => $isDone ? $this->workspace->today() : null]),
        );
    }

    public function remove(Person $who, Point $point): void
    {
        $this->log->change($who, 'Deleted a point', static fn() => $point->delete());
    }
}
