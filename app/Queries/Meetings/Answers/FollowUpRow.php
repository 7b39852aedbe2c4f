<?php

declare(strict_types=1);

namespace App\Queries\Meetings\Answers;

use App\Queries\Parts\Answers\TaskRow;
use App\Queries\Props;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Meetings\FollowUpAnswer;

/** A next step from an earlier meeting, and what is said of it in this one. */
final readonly class FollowUpRow implements Props
{
    public function __construct(public TaskRow $task, public ?FollowUpAnswer $answer, public ?string $words, public ?Day $until)
    {
    }
}
