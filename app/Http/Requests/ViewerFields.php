<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Parts\ViewersDraft;
use App\Models\Visibility;

/** Who may see a goal or a project, as it comes from a form. */
final readonly class ViewerFields
{
    public const RULES = [
        'visibility' => ['nullable', 'string', 'in:everyone,chosen,only_me'],
        'groups' => ['array', 'max:50'],
        'groups.*' => ['integer', 'exists:groups,id'],
        'people' => ['array', 'max:50'],
        'people.*' => ['integer', 'exists:people,id'],
        'countsUnnamed' => ['boolean'],
    ];

    public static function draft(Fields $fields): ViewersDraft
    {
        return new ViewersDraft(
            $fields->enum('visibility', Visibility::class) ?? Visibility::Everyone,
            Ids::in($fields, 'groups'),
            Ids::in($fields, 'people'),
            $fields->boolean('countsUnnamed'),
        );
    }
}
