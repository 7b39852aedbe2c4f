<?php

declare(strict_types=1);

namespace App\Http\Controllers\Capture;

use App\Actions\UndoChange;
use App\Http\Controllers\Controller;
use Illuminate\Http\RedirectResponse;

final class UndoController extends Controller
{
    public function __invoke(string $batch, UndoChange $undo): RedirectResponse
    {
        $undo($this->me(), $batch);

        return $this->changed();
    }
}
