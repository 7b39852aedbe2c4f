<?php

declare(strict_types=1);

namespace App\Http;

/** Which hosts are answered to, and which proxies are believed when they say whom they ask for. */
final readonly class TrustedAddresses
{
    /** Names of this machine itself, while no other address is configured. */
    private const HERE = ['127.0.0.1', 'localhost', '[::1]'];

    /** @return list<string> templates of host names */
    public static function hosts(): array
    {
        $own = (string) parse_url(config()->string('app.url'), PHP_URL_HOST);
        $names = [$own, ...self::listed('app.trusted_hosts'), ...in_array($own, self::HERE, true) ? self::HERE : []];

        return array_map(static fn(string $name): string => '^'.preg_quote($name).'$', array_values(array_unique($names)));
    }

    /** @return list<string> addresses or networks */
    public static function proxies(): array
    {
        return self::listed('app.trusted_proxies');
    }

    /** @return list<string> */
    private static function listed(string $setting): array
    {
        return array_values(
            array_filter(array_map(trim(...), explode(',', config()->string($setting))), static fn(string $name): bool => $name !== ''),
        );
    }
}
