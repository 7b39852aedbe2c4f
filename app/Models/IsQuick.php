<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use BackedEnum;
use ReflectionMethod;

/**
 * What a record is asked again and again for each row of a screen, answered without the framework's detours. Tests see to
 * it that no record has what these would pass over: accessors, and methods marked by attributes.
 */
trait IsQuick
{
    /** @var array<class-string, array<string, string>> what a class casts: asked for at each attribute, and always the same */
    private static array $castsOf = [];

    /** @var array<class-string, array<string, string>> */
    private static array $castsNamed = [];

    /** Nothing that one record has been told on its own goes over to another of its class. */
    public function newInstance($attributes = [], $exists = false): static
    {
        $new = new static($attributes);
        $new->exists = $exists;
        $new->setConnection($this->getConnectionName());

        return $new;
    }

    /** The casts that a class names are written out once, not for each record. */
    protected function initializeHasAttributes(): void
    {
        $this->casts = self::$castsNamed[static::class] ??= $this->ensureCastsAreStringValues([...$this->casts, ...$this->casts()]);
    }

    public function getCasts(): array
    {
        return self::$castsOf[static::class] ??= parent::getCasts();
    }

    /** A relation that is loaded, and a column as what it is cast to, are read at once, without looking for what might turn them into something else. */
    public function getAttribute($key)
    {
        if (! array_key_exists($key, $this->attributes)) {
            return array_key_exists($key, $this->relations) ? $this->relations[$key] : parent::getAttribute($key);
        }

        $stored = $this->attributes[$key];
        $cast = $this->getCasts()[$key] ?? null;

        if ($cast === null && $key !== self::CREATED_AT && $key !== self::UPDATED_AT) {
            return $stored;
        }

        return match (true) {
            $cast === null => parent::getAttribute($key),
            $stored === null => null,
            $cast === AsDay::class => AsDay::read($stored),
            $cast === 'int' && is_int($stored) => $stored,
            $cast === 'boolean' => (bool) $stored,
            (is_int($stored) || is_string($stored)) && is_subclass_of($cast, BackedEnum::class) => $cast::from($stored),
            default => parent::getAttribute($key),
        };
    }

    /**
     * As the framework does it, but by the names of methods alone. Looking through some hundred methods of each class for
     * attributes that none of them has takes a tenth of a screen's time, since every request begins anew.
     */
    protected static function bootTraits(): void
    {
        self::$traitInitializers[static::class] = [];

        foreach (class_uses_recursive(static::class) as $trait) {
            $boot = 'boot'.class_basename($trait);
            $initialize = 'initialize'.class_basename($trait);

            if (method_exists(static::class, $boot)) {
                (new ReflectionMethod(static::class, $boot))->invoke(null);
            }

            if (method_exists(static::class, $initialize)) {
                self::$traitInitializers[static::class][] = $initialize;
            }
        }
    }
}
