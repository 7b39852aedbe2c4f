<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Day\CatchUp;
use App\Http\Controllers\Controller;
use App\Queries\Day\CatchUpPage;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;

final class CatchUpController extends Controller
{
    public function show(CatchUpPage $page): Response
    {
        return Inertia::render('day/CatchUp', ['page' => $page->of($this->me())]);
    }

    public function finish(CatchUp $catchUp): RedirectResponse
    {
        $catchUp($this->me());

        return $this->changed(route('week.current'));
    }
}
