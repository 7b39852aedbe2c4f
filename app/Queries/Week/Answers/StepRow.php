<?php

declare(strict_types=1);

namespace App\Queries\Week\Answers;

use App\Models\Step;
use App\Queries\Parts\Markdown;
use App\Queries\Props;

/** A step of a task's checklist. */
final readonly class StepRow implements Props
{
    /** @param ?string $howTo how it is done, safe to be shown: from the template that it was made from */
    public function __construct(public int $id, public string $title, public bool $isDone, public ?string $howTo)
    {
    }

    public static function of(Step $step): self
    {
        return new self(
            $step->id,
            $step->title,
            $step->done_on !== null,
            Markdown::html($step->templateStep?->how_to),
        );
    }
}
