<?php

declare(strict_types=1);

namespace App\Models;

use LogicException;

/**
 * The minutes of a closed meeting, to the letter, with their checksum. Written once: nothing changes them.
 *
 * @property int $meeting_id
 * @property string $text
 * @property string $checksum of the text, SHA-256 in hexadecimal digits
 */
final class FinalMinutes extends Record
{
    protected $table = 'final_minutes';

    protected static function booted(): void
    {
        parent::booted();
        $refuse = static fn(): never => throw new LogicException('Final minutes do not change: add a correction instead.');
        self::updating($refuse);
        self::deleting($refuse);
    }

    public static function sumOf(string $text): string
    {
        return hash('sha256', $text);
    }

    public function isIntact(): bool
    {
        return hash_equals($this->checksum, self::sumOf($this->text));
    }
}
