<?php

declare(strict_types=1);

namespace App\Actions\Goals;

use App\Models\Notification;
use App\Models\Person;
use App\Store\ChangeLog;
use Illuminate\Support\Carbon;

/** Puts aside what a person was told. */
final readonly class ReadUpdates
{
    public function __construct(private ChangeLog $log)
    {
    }

    public function __invoke(Person $who): void
    {
        $this->log->change($who, 'Marked the updates as read', static function () use ($who): void {
            foreach (Notification::query()->toldTo($who)->whereNull('read_at')->get() as $notification) {
                $notification->update(['read_at' => Carbon::now()]);
            }
        });
    }
}
