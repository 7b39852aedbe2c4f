<?php

declare(strict_types=1);

namespace App\Console;

use Tighten\Ziggy\Output\File;

/** The routes as the front end loads them: each with the patterns of its own parameters, not with those of all the others. */
final class RoutesOfTheFrontEnd extends File
{
    public function __toString(): string
    {
        $all = $this->ziggy->jsonSerialize();
        $all['routes'] = array_map($this->withItsOwnPatterns(...), $all['routes']);

        return 'export const Ziggy = '.json_encode($all, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES).";\n";
    }

    /**
     * @param array{parameters?: list<string>, wheres?: array<string, string>, ...<string, mixed>} $route
     *
     * @return array<string, mixed>
     */
    private function withItsOwnPatterns(array $route): array
    {
        $own = array_intersect_key($route['wheres'] ?? [], array_flip($route['parameters'] ?? []));

        return [...array_diff_key($route, ['wheres' => true]), ...($own === [] ? [] : ['wheres' => $own])];
    }
}
