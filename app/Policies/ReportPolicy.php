<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Report;
use Illuminate\Auth\Access\Response;

/** A report is its writer's alone, and once it was sent, to be read by those who got it. For anybody else it is not there. */
final class ReportPolicy
{
    public function view(Person $person, Report $report): Response
    {
        return $report->person_id === $person->id || Report::query()->sentTo($person)->whereKey($report->id)->exists()
            ? Response::allow()
            : Response::denyAsNotFound();
    }

    public function update(Person $person, Report $report): Response
    {
        return match (true) {
            $report->person_id === $person->id => Response::allow(),
            $this->view($person, $report)->allowed() => Response::deny("Only {$report->person->name} can change this report."),
            default => Response::denyAsNotFound(),
        };
    }
}
