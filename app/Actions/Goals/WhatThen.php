<?php

declare(strict_types=1);

namespace App\Actions\Goals;

/** What becomes of what a closed goal leaves unfinished. */
enum WhatThen: string
{
    /** Nothing: the work beneath it goes on or ends by itself. */
    case Leave = 'leave';

    /** It goes on as a new goal in the next period. */
    case Carry = 'carry';

    /** It goes on as several smaller ones. */
    case Split = 'split';

    /** It is put off on purpose. */
    case Shelve = 'shelve';

    case Drop = 'drop';
}
