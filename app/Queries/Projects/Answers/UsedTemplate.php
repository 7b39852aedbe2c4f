<?php

declare(strict_types=1);

namespace App\Queries\Projects\Answers;

use App\Models\Project;
use App\Models\Template;
use App\Queries\Props;
use Loftrin\Core\Work\Template\Change;

/** The template that a project was made from. */
final readonly class UsedTemplate implements Props
{
    /**
     * @param int $changes in how many tasks it says otherwise by now, and nobody has been asked yet
     * @param int $left in how many the project differs on purpose
     */
    public function __construct(public int $id, public string $title, public int $changes, public int $left)
    {
    }

    /** Of a project; what {@see Template::PIECES} names of the template is loaded. */
    public static function of(Project $project, Template $template): self
    {
        $changes = $project->templateChanges($template);
        $left = count(array_filter($changes, static fn(Change $change): bool => $change->isLeft));

        return new self($template->id, $template->title, count($changes) - $left, $left);
    }
}
