<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Day\ChooseMainThing;
use App\Http\Controllers\Controller;
use App\Models\Task;
use Illuminate\Http\RedirectResponse;

final class MainThingController extends Controller
{
    public function __invoke(Task $task, ChooseMainThing $choose): RedirectResponse
    {
        $choose($this->me(), $task);

        return $this->changed();
    }
}
