<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Http\Controllers\Controller;
use App\Models\Workspace;
use App\Queries\Day\DayPage;
use Inertia\Inertia;
use Inertia\Response;
use Loftrin\Core\Calendar\Day;

final class DayController extends Controller
{
    public function current(DayPage $page, Workspace $workspace): Response
    {
        return $this->show($workspace->today(), $page);
    }

    public function show(Day $day, DayPage $page): Response
    {
        return Inertia::render('day/Day', ['page' => $page->of($this->me(), $day)]);
    }
}
