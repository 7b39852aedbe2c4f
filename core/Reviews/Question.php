<?php

declare(strict_types=1);

namespace Loftrin\Core\Reviews;

use Loftrin\Core\Calendar\Horizon;

/** The questions that come with a review. */
enum Question: string
{
    case Moved = 'moved';
    case Still = 'still';
    case Surprised = 'surprised';
    case Differently = 'differently';
    case Carried = 'carried';
    case Learned = 'learned';
    case Wrong = 'wrong';
    case Start = 'start';
    case Stop = 'stop';
    case Continue = 'continue';
    case Glad = 'glad';

    /** @return list<self> those of a review, in the order in which they are asked at first */
    public static function of(Horizon $horizon): array
    {
        return match ($horizon) {
            Horizon::Week => [self::Moved, self::Still, self::Surprised, self::Differently],
            Horizon::Month => [self::Carried, self::Learned, self::Differently],
            Horizon::Quarter => [self::Carried, self::Wrong, self::Start, self::Stop, self::Continue],
            Horizon::Year => [self::Glad, self::Wrong, self::Learned, self::Differently],
        };
    }

    /** The question as it is asked. */
    public function words(): string
    {
        return match ($this) {
            self::Moved => 'What moved, and why?',
            self::Still => 'What did not move?',
            self::Surprised => 'What surprised me?',
            self::Differently => 'What will I do differently?',
            self::Carried => 'What carried us?',
            self::Learned => 'What did I learn?',
            self::Wrong => 'Where were we wrong, and why?',
            self::Start => 'What do we start?',
            self::Stop => 'What do we stop?',
            self::Continue => 'What do we continue?',
            self::Glad => 'What am I glad of?',
        };
    }
}
