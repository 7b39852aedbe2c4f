<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Http\Controllers\Controller;
use App\Models\Goal;
use App\Models\Project;
use App\Queries\Goals\FigurePage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How a figure comes about, for the explanation that any gauge opens. */
final class FigureController extends Controller
{
    public function goal(Request $request, Goal $goal, FigurePage $page): JsonResponse
    {
        return new JsonResponse($page->ofGoal($goal, $this->me(), $this->asOf($request)));
    }

    public function project(Request $request, Project $project, FigurePage $page): JsonResponse
    {
        return new JsonResponse($page->ofProject($project, $this->asOf($request)));
    }
}
