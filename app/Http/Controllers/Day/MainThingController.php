<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Actions\Day\ChooseMainThing;
use App\Http\Controllers\Controller;
use App\Http\Requests\ValidDay;
use App\Models\Task;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class MainThingController extends Controller
{
    public function __invoke(Request $request, Task $task, ChooseMainThing $choose): RedirectResponse
    {
        $request->validate(['on' => ['nullable', new ValidDay()]]);
        $choose($this->me(), $task, ValidDay::read($request->input('on')));

        return $this->changed();
    }
}
