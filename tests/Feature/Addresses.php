<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Support\Facades\Route;

/** Every address that can be asked for. */
final class Addresses
{
    /**
     * @param array<string, int|string> $at what stands for each parameter, of a workspace that is full
     * @param array<string, int|string> $own of what is hidden: tried in its place
     *
     * @return list<string>
     */
    public static function all(array $at, array $own): array
    {
        $found = [];

        foreach (Route::getRoutes()->getRoutes() as $route) {
            $isAsked =
                $route instanceof RegisteredRoute &&
                in_array('GET', $route->methods(), true) &&
                ! str_starts_with($route->uri(), '_');

            if (! $isAsked) {
                continue;
            }

            foreach ([$own, []] as $mine) {
                $known = [...$at, ...$mine];
                $address = preg_replace_callback(
                    '/\{(\w+)\??\}/',
                    static fn(array $name): string => (string) ($known["{$route->getName()} $name[1]"] ?? ($known[$name[1]] ?? '')),
                    $route->uri(),
                );
                $found[] = '/'.ltrim((string) $address, '/');
            }
        }

        return array_values(array_unique($found));
    }
}
