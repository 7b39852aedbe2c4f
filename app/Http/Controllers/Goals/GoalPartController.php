<?php

declare(strict_types=1);

namespace App\Http\Controllers\Goals;

use App\Actions\Capture\EachLine;
use App\Actions\Goals\SaveGoalPart;
use App\Http\Controllers\Controller;
use App\Http\Requests\Lines;
use App\Http\Requests\Meanwhile;
use App\Http\Requests\ValidDay;
use App\Models\Assumption;
use App\Models\Goal;
use App\Models\MainEffort;
use App\Models\TradeOff;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Loftrin\Core\Calendar\Day;
use Loftrin\Core\Capture\WeeklyHours;

/** Main efforts, assumptions and trade-offs of a goal. */
final class GoalPartController extends Controller
{
    private const HOURS = ['nullable', 'numeric', 'decimal:0,1', 'gt:0', 'max:'.WeeklyHours::MOST];

    public function __construct(private readonly SaveGoalPart $save, private readonly EachLine $each)
    {
    }

    public function storeEffort(Request $request, Goal $goal): RedirectResponse
    {
        $fields = $this->effort($request);

        return $this->added(
            $request,
            $goal,
            'main efforts',
            static fn(string $title) => new MainEffort([...$fields, ...self::typedEffort($title, $fields['hours'])]),
        );
    }

    public function updateEffort(Request $request, MainEffort $mainEffort): RedirectResponse
    {
        Meanwhile::complete($request, [
            'title' => $mainEffort->title,
            'hours' => $mainEffort->hours,
            'person' => $mainEffort->person_id,
        ]);
        $fields = $this->effort($request);
        $this->save->change($this->me(), $mainEffort, [...$fields, ...self::typedEffort($fields['title'], $fields['hours'])]);

        return $this->changed();
    }

    public function removeEffort(MainEffort $mainEffort): RedirectResponse
    {
        $this->save->remove($this->me(), $mainEffort);

        return $this->changed();
    }

    public function storeAssumption(Request $request, Goal $goal): RedirectResponse
    {
        // Tested by the end of the goal, unless a sooner day is set.
        $request->mergeIfMissing(['testOn' => (string) $goal->ends_on]);
        $fields = $this->assumption($request);

        return $this->added($request, $goal, 'assumptions', static fn(string $title) => new Assumption([...$fields, 'title' => $title]));
    }

    public function updateAssumption(Request $request, Assumption $assumption): RedirectResponse
    {
        Meanwhile::complete($request, [
            'title' => $assumption->title,
            'testOn' => (string) $assumption->test_on,
            'person' => $assumption->person_id,
        ]);
        $this->save->change($this->me(), $assumption, $this->assumption($request));

        return $this->changed();
    }

    public function see(Request $request, Assumption $assumption): RedirectResponse
    {
        Meanwhile::complete($request, ['words' => $assumption->seen]);
        $request->validate(['words' => ['nullable', 'string', 'max:2000']]);
        $this->save->see($this->me(), $assumption, $this->text($request, 'words'));

        return $this->changed();
    }

    public function removeAssumption(Assumption $assumption): RedirectResponse
    {
        $this->save->remove($this->me(), $assumption);

        return $this->changed();
    }

    public function storeTradeOff(Request $request, Goal $goal): RedirectResponse
    {
        $fields = $this->tradeOff($request);

        return $this->added($request, $goal, 'trade-offs', static fn(string $title) => new TradeOff([...$fields, 'title' => $title]));
    }

    public function updateTradeOff(Request $request, TradeOff $tradeOff): RedirectResponse
    {
        Meanwhile::complete($request, ['title' => $tradeOff->title, 'person' => $tradeOff->person_id]);
        $this->save->change($this->me(), $tradeOff, $this->tradeOff($request));

        return $this->changed();
    }

    public function removeTradeOff(TradeOff $tradeOff): RedirectResponse
    {
        $this->save->remove($this->me(), $tradeOff);

        return $this->changed();
    }

    /** @param Closure(string): (MainEffort|Assumption|TradeOff) $part made of its title */
    private function added(Request $request, Goal $goal, string $what, Closure $part): RedirectResponse
    {
        ($this->each)(
            $this->me(),
            Lines::in($request, 'title'),
            $what,
            fn(string $title) => $this->save->add($this->me(), $goal, $part($title)),
        );

        return $this->changed();
    }

    /** @return array{title: string, person_id: int, hours: mixed} columns */
    private function effort(Request $request): array
    {
        $this->check($request, ['hours' => self::HOURS]);

        return [...$this->titled($request), 'hours' => $request->input('hours')];
    }

    /**
     * Hours that its line says itself count before those of the field.
     *
     * @return array{title: string, hours: mixed} columns
     */
    private static function typedEffort(string $line, mixed $hours): array
    {
        $typed = WeeklyHours::in($line);

        return ['title' => $typed->title, 'hours' => $typed->hours ?? $hours];
    }

    /** @return array<string, mixed> columns */
    private function assumption(Request $request): array
    {
        $this->check($request, ['testOn' => ['required', new ValidDay()]]);

        return [...$this->titled($request), 'test_on' => Day::of($request->string('testOn')->toString())];
    }

    /** @return array<string, mixed> columns */
    private function tradeOff(Request $request): array
    {
        $this->check($request);

        return $this->titled($request);
    }

    /** @param array<string, list<mixed>> $besides rules of what only this kind has */
    private function check(Request $request, array $besides = []): void
    {
        $request->validate(
            [...Lines::rulesOf($request, 'title', 200), 'person' => ['nullable', 'integer', 'exists:people,id'], ...$besides],
            Lines::MESSAGES,
        );
    }

    /** @return array{title: string, person_id: int} */
    private function titled(Request $request): array
    {
        return [
            'title' => $request->string('title')->toString(),
            'person_id' => $request->filled('person') ? $request->integer('person') : $this->me()->id,
        ];
    }
}
