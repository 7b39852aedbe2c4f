<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Occasion;
use App\Models\Person;
use App\Models\Reach;
use App\Models\Wish;
use App\Store\ChangeLog;
use App\Store\RefusedChange;

/** Says how a person wants to be told on an occasion. */
final readonly class ChooseReach
{
    public function __construct(private ChangeLog $log)
    {
    }

    /** @throws RefusedChange when a reminder should not reach its owner at all */
    public function __invoke(Person $who, Occasion $occasion, Reach $reach): void
    {
        if ($occasion === Occasion::Reminder && $reach === Reach::Nowhere) {
            throw new RefusedChange('reach', 'Return dates always appear on the Day page. You can choose to get an e-mail as well');
        }

        $this->log->change($who, 'Changed your notifications', static function () use ($who, $occasion, $reach): void {
            $wish = Wish::query()->where('person_id', $who->id)->where('occasion', $occasion)->first();
            ($wish ?? new Wish(['person_id' => $who->id, 'occasion' => $occasion]))->fill(['reach' => $reach])->save();
        });
    }
}
