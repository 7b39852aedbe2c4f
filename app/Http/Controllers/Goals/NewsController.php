<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Goals\ReadNews;
use App\Http\Controllers\Controller;
use App\Queries\Goals\NewsPage;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;

final class NewsController extends Controller
{
    public function index(NewsPage $news): Response
    {
        return Inertia::render('goals/News', ['page' => $news->of($this->me())]);
    }

    public function read(ReadNews $read): RedirectResponse
    {
        $read($this->me());

        return $this->changed();
    }
}
