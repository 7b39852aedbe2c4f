<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Goals\Follow;
use App\Actions\Goals\WriteEntry;
use App\Http\Controllers\Controller;
use App\Models\Comment;
use App\Models\Estimate;
use App\Models\Goal;
use App\Models\Judgement;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Loftrin\Core\Goals\Direction;

final class EntryController extends Controller
{
    public function comment(Request $request, Goal $goal, WriteEntry $write): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:5000']]);
        $write->comment($this->me(), $goal, $request->string('words')->toString());

        return $this->changed();
    }

    public function estimate(Request $request, Goal $goal, WriteEntry $write): RedirectResponse
    {
        $request->validate(['chance' => ['required', 'integer', 'between:0,100'], 'line' => ['nullable', 'string', 'max:500']]);
        $write->estimate($this->me(), $goal, $request->integer('chance'), $this->text($request, 'line'));

        return $this->changed();
    }

    public function judge(Request $request, Goal $goal, WriteEntry $write): RedirectResponse
    {
        $request->validate(['direction' => ['required', Rule::enum(Direction::class)], 'line' => ['required', 'string', 'max:500']]);
        $write->judge(
            $this->me(),
            $goal,
            $request->enum('direction', Direction::class) ?? Direction::Holding,
            $request->string('line')->toString(),
        );

        return $this->changed();
    }

    public function removeComment(Comment $comment, WriteEntry $write): RedirectResponse
    {
        return $this->remove($comment, $write);
    }

    public function removeEstimate(Estimate $estimate, WriteEntry $write): RedirectResponse
    {
        return $this->remove($estimate, $write);
    }

    public function removeJudgement(Judgement $judgement, WriteEntry $write): RedirectResponse
    {
        return $this->remove($judgement, $write);
    }

    public function follow(Goal $goal, Follow $follow): RedirectResponse
    {
        $follow->start($this->me(), $goal);

        return $this->changed();
    }

    public function unfollow(Goal $goal, Follow $follow): RedirectResponse
    {
        $follow->stop($this->me(), $goal);

        return $this->changed();
    }

    private function remove(Comment|Estimate|Judgement $entry, WriteEntry $write): RedirectResponse
    {
        $write->takeOut($this->me(), $entry);

        return $this->changed();
    }
}
