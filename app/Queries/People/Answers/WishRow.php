<?php

declare(strict_types=1);

namespace App\Queries\People\Answers;

use App\Models\Occasion;
use App\Models\Reach;
use App\Queries\Props;

final readonly class WishRow implements Props
{
    public function __construct(public Occasion $occasion, public Reach $reach)
    {
    }
}
