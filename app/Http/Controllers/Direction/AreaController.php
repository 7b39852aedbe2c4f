<?php

declare(strict_types=1);

namespace App\Http\Controllers\Direction;

use App\Actions\Capture\SaveJot;
use App\Actions\Direction\SaveArea;
use App\Http\Controllers\Controller;
use App\Http\Requests\Meanwhile;
use App\Models\Area;
use App\Models\AreaKind;
use App\Models\Contact;
use App\Queries\Direction\AreaPage;
use App\Queries\Direction\AreasPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** Areas, clients and roles are for all to read; the leads and whoever holds one change it. */
final class AreaController extends Controller
{
    public function index(AreasPage $page): Response
    {
        return Inertia::render('direction/Areas', ['page' => $page->of($this->me())]);
    }

    public function show(Area $area, AreaPage $page): Response
    {
        return Inertia::render('direction/Area', ['page' => $page->of($area, $this->me())]);
    }

    public function store(Request $request, SaveArea $save): RedirectResponse
    {
        return $this->changed(route('areas.show', $this->save($request, $save, null)));
    }

    public function update(Request $request, Area $area, SaveArea $save): RedirectResponse
    {
        $this->save($request, $save, $area);

        return $this->changed();
    }

    public function destroy(Area $area, SaveArea $save): RedirectResponse
    {
        $save->remove($this->me(), $area);

        return $this->changed(route('areas.index'));
    }

    public function jot(Request $request, Area $area, SaveJot $jots): RedirectResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:2000']]);
        $jots->keep($this->me(), $request->string('words')->toString(), $area);

        return $this->changed();
    }

    public function storeContact(Request $request, Area $area, SaveArea $save): RedirectResponse
    {
        $save->contact($this->me(), $area, $this->contact($request));

        return $this->changed();
    }

    public function updateContact(Request $request, Contact $contact, SaveArea $save): RedirectResponse
    {
        $save->contact($this->me(), $contact->area, $this->contact($request, $contact), $contact);

        return $this->changed();
    }

    public function removeContact(Contact $contact, SaveArea $save): RedirectResponse
    {
        $save->removeContact($this->me(), $contact);

        return $this->changed();
    }

    private function save(Request $request, SaveArea $save, ?Area $area): Area
    {
        Meanwhile::complete(
            $request,
            $area === null ? [] : ['name' => $area->name, 'kind' => $area->kind, 'owner' => $area->owner_id, 'notes' => $area->notes],
        );
        $request->validate([
            'name' => ['required', 'string', 'max:80', Rule::unique('areas', 'name')->ignore($area?->id)],
            'kind' => ['required', Rule::enum(AreaKind::class)],
            'owner' => ['nullable', 'integer', 'exists:people,id'],
            'notes' => ['nullable', 'string', 'max:20000'],
        ]);

        return $save(
            $this->me(),
            $request->string('name')->toString(),
            $request->enum('kind', AreaKind::class) ?? AreaKind::Area,
            $request->filled('owner') ? $request->integer('owner') : null,
            $this->text($request, 'notes'),
            $area,
        );
    }

    /** @return array{name: string, what: ?string, email: ?string, phone: ?string} */
    private function contact(Request $request, ?Contact $contact = null): array
    {
        Meanwhile::complete($request, $contact?->only(['name', 'what', 'email', 'phone']) ?? []);
        $request->validate([
            'name' => ['required', 'string', 'max:80'],
            'what' => ['nullable', 'string', 'max:120'],
            'email' => ['nullable', 'email', 'max:120'],
            'phone' => ['nullable', 'string', 'max:40'],
        ]);

        return [
            'name' => $request->string('name')->toString(),
            'what' => $this->text($request, 'what'),
            'email' => $this->text($request, 'email'),
            'phone' => $this->text($request, 'phone'),
        ];
    }
}
