<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\KeepTask;
use App\Http\Controllers\Controller;
use App\Models\Task;
use App\Queries\Reviews\ThinningPage;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;

/** One's own tasks that could go. */
final class ThinningController extends Controller
{
    public function index(ThinningPage $page): Response
    {
        return Inertia::render('reviews/Thinning', ['page' => $page->of($this->me())]);
    }

    public function keep(Task $task, KeepTask $keep): RedirectResponse
    {
        $keep($this->me(), $task);

        return $this->changed();
    }
}
