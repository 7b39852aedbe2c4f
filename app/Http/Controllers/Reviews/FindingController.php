<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reviews;

use App\Actions\Reviews\KeepFinding;
use App\Http\Controllers\Controller;
use App\Models\Answer;
use App\Models\EveningAnswer;
use App\Models\LogLine;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Loftrin\Core\Reviews\FindingLevel;
use Loftrin\Core\Reviews\FindingSource;

/** Which of one's lines go up to the next review. Another person's line is not there. */
final class FindingController extends Controller
{
    public function __invoke(Request $request, KeepFinding $keep): RedirectResponse
    {
        $request->validate([
            'source' => ['required', Rule::enum(FindingSource::class)],
            'id' => ['required', 'integer'],
            'level' => ['present', 'nullable', Rule::enum(FindingLevel::class)],
        ]);
        $id = $request->integer('id');
        $me = $this->me();
        $keep(
            $me,
            match ($request->enum('source', FindingSource::class)) {
                FindingSource::Log => LogLine::query()->where('person_id', $me->id)->findOrFail($id),
                FindingSource::Evening => EveningAnswer::query()->where('person_id', $me->id)->findOrFail($id),
                default => Answer::query()->of($me)->findOrFail($id),
            },
            $request->enum('level', FindingLevel::class),
        );

        return $this->changed();
    }
}
