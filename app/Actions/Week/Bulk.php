<?php

declare(strict_types=1);

namespace App\Actions\Week;

/** What can be done to many tasks at once. */
enum Bulk: string
{
    case Tick = 'tick';
    case Plan = 'plan';
    case HandOver = 'hand_over';
    case Rank = 'rank';
    case Stage = 'stage';
    case Project = 'project';
    case Shelve = 'shelve';
    case Drop = 'drop';
    case Restore = 'restore';
}
