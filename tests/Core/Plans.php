<?php

declare(strict_types=1);

namespace Tests\Core;

use Loftrin\Core\Calendar\Day;
use Loftrin\Core\PlanFile\PlanComputation;
use Loftrin\Core\PlanFile\PlanReader;
use Loftrin\Core\PlanFile\RefusedPlan;

/** Plans written as plan files, for tests. */
final class Plans
{
    /** @param array<string, mixed> $sections */
    public static function json(array $sections): string
    {
        return json_encode(['format' => 'loftrin-plan', 'version' => 1, ...$sections], JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, mixed> $sections
     *
     * @return array<string, mixed> the result as it is read back from JSON
     */
    public static function compute(array $sections, string $asOf): array
    {
        return self::computeJson(self::json($sections), $asOf);
    }

    /** @return array<string, mixed> */
    public static function computeJson(string $json, string $asOf): array
    {
        $result = (new PlanComputation(PlanReader::read($json), Day::of($asOf)))->result();

        return json_decode(json_encode($result, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, mixed> $sections
     *
     * @return list<string> what the reader finds wrong, one line each
     */
    public static function faults(array $sections): array
    {
        return self::faultsOf(self::json($sections));
    }

    /** @return list<string> */
    public static function faultsOf(string $json): array
    {
        try {
            PlanReader::read($json);
        } catch (RefusedPlan $refused) {
            return $refused->faults;
        }

        return [];
    }

    /**
     * @param array<string, mixed> $measure
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function goal(string $id, string $period, array $measure = ['kind' => 'work'], array $more = []): array
    {
        $horizon = match (true) {
            str_contains($period, 'W') => 'week',
            str_contains($period, 'Q') => 'quarter',
            str_contains($period, '-') => 'month',
            default => 'year',
        };

        return ['id' => $id, 'title' => $id, 'horizon' => $horizon, 'period' => $period, 'measure' => $measure, ...$more];
    }
}
