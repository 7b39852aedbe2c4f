<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Goals\ReadUpdates;
use App\Http\Controllers\Controller;
use App\Queries\Goals\UpdatesPage;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;

final class UpdatesController extends Controller
{
    public function index(UpdatesPage $updates): Response
    {
        return Inertia::render('goals/Updates', ['page' => $updates->of($this->me())]);
    }

    public function read(ReadUpdates $read): RedirectResponse
    {
        $read($this->me());

        return $this->changed();
    }
}
