<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Http\Controllers\Controller;
use App\Queries\Day\DayPage;
use Inertia\Inertia;
use Inertia\Response;

final class DayController extends Controller
{
    public function __invoke(DayPage $page): Response
    {
        return Inertia::render('day/Day', ['page' => $page->of($this->me())]);
    }
}
