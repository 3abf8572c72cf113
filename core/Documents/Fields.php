<?php

declare(strict_types=1);

namespace GentlePour\Documents;

use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;

/** Reads a decoded JSON object field by field; every refusal says which field it is, in dotted notation. */
final readonly class Fields
{
    /** @param  array<array-key, mixed>  $values */
    public function __construct(
        private array $values,
        private string $path = '',
    ) {
    }

    /** @throws InvalidValue when the text is not one JSON object */
    public static function ofJson(string $json): self
    {
        try {
            $decoded = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw (new InvalidValue('This is not JSON: '.lcfirst($e->getMessage()).'.'))->at('document');
        }
        if (! is_array($decoded) || ($decoded !== [] && array_is_list($decoded))) {
            throw (new InvalidValue('The document must be one JSON object.'))->at('document');
        }

        return new self($decoded);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    public function number(string $name): float
    {
        $value = $this->values[$name] ?? throw $this->missing($name);
        if (! is_int($value) && ! is_float($value)) {
            throw InvalidValue::notNumeric($this->called($name))->at($this->at($name));
        }

        return (float) $value;
    }

    public function numberOr(string $name, float $default): float
    {
        return $this->has($name) ? $this->number($name) : $default;
    }

    public function whole(string $name): int
    {
        $value = $this->number($name);

        return $value === floor($value) && abs($value) < 1e9
            ? (int) $value
            : throw (new InvalidValue($this->called($name).' must be a whole number.'))->at($this->at($name));
    }

    public function text(string $name): string
    {
        $value = $this->values[$name] ?? throw $this->missing($name);

        return is_string($value) ? $value : throw (new InvalidValue($this->called($name).' must be text.'))->at($this->at($name));
    }

    public function textOr(string $name, string $default): string
    {
        return $this->has($name) ? $this->text($name) : $default;
    }

    public function flagOr(string $name, bool $default): bool
    {
        $value = $this->values[$name] ?? $default;

        return is_bool($value) ? $value : throw (new InvalidValue($this->called($name).' must be true or false.'))->at($this->at($name));
    }

    public function child(string $name): self
    {
        $value = $this->values[$name] ?? throw $this->missing($name);

        return is_array($value) && ($value === [] || ! array_is_list($value))
            ? new self($value, $this->at($name))
            : throw (new InvalidValue($this->called($name).' must be an object.'))->at($this->at($name));
    }

    public function childOrEmpty(string $name): self
    {
        return $this->has($name) ? $this->child($name) : new self([], $this->at($name));
    }

    /** @return list<self> */
    public function children(string $name, int $most = PHP_INT_MAX): array
    {
        $items = $this->atMost($name, $most);

        return array_map(
            fn (int $i, mixed $value): self => is_array($value) && ($value === [] || ! array_is_list($value))
                ? new self($value, $this->at($name).'.'.$i)
                : throw (new InvalidValue('Each of '.$this->called($name).' must be an object.'))->at($this->at($name).'.'.$i),
            array_keys($items),
            $items,
        );
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        return array_map(
            fn (int $i, mixed $value): string => is_string($value) ? $value : throw (
                new InvalidValue('Must be text.')
            )->at($this->at($name).'.'.$i),
            array_keys($this->items($name)),
            $this->items($name),
        );
    }

    /** @return list<float> */
    public function numbers(string $name): array
    {
        return array_map(
            fn (int $i, mixed $value): float => is_int($value) || is_float($value) ? (float) $value : throw InvalidValue::notNumeric(
                'Each of '.$this->called($name),
            )->at($this->at($name).'.'.$i),
            array_keys($this->items($name)),
            $this->items($name),
        );
    }

    /** @return array<string, float> */
    public function numbersByName(string $name): array
    {
        $object = $this->childOrEmpty($name);
        $numbers = [];
        foreach (array_keys($object->values) as $key) {
            $numbers[(string) $key] = $object->number((string) $key);
        }

        return $numbers;
    }

    /** @return list<array{string, float, float}> harmonic constants as [name, amplitude in m, phase in degrees] */
    public function harmonics(string $name): array
    {
        return array_map(
            fn (int $i, mixed $h): array => is_array($h) && is_string($h[0] ?? null) && is_numeric($h[1] ?? null)
                && is_numeric($h[2] ?? null)
                ? [$h[0], (float) $h[1], (float) $h[2]]
                : throw (new InvalidValue('A harmonic constant is a name, an amplitude and a phase.'))->at($this->at($name).'.'.$i),
            array_keys($this->items($name)),
            $this->items($name),
        );
    }

    /** A shutter time: a number is exact seconds, a text is read as people write it. */
    public function shutter(string $name): ShutterTime
    {
        return $this->reading($name, static fn (mixed $v): ShutterTime => is_string($v) ? ShutterTime::parse($v) : self::seconds($v));
    }

    /** @return list<ShutterTime> */
    public function shutters(string $name, int $most): array
    {
        $items = $this->atMost($name, $most);
        $list = new self($items, $this->at($name));

        return array_map(static fn (int $i): ShutterTime => $list->shutter((string) $i), array_keys($items));
    }

    public function aperture(string $name): Aperture
    {
        return $this->reading($name, static fn (mixed $v): Aperture => is_string($v)
            ? Aperture::parse($v)
            : Aperture::named(is_int($v) || is_float($v) ? (float) $v : throw InvalidValue::notNumeric('An aperture')));
    }

    public function iso(string $name): Iso
    {
        return $this->reading($name, static fn (mixed $v): Iso => is_string($v)
            ? Iso::parse($v)
            : Iso::named(is_int($v) || is_float($v) ? (float) $v : throw InvalidValue::notNumeric('An ISO')));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function choice(string $name, string $enum): \BackedEnum
    {
        $given = $this->text($name);

        return $enum::tryFrom($given) ?? throw InvalidValue::notOneOf(
            $this->called($name), $given, array_map(static fn (\BackedEnum $e): string => (string) $e->value, $enum::cases()),
        )->at($this->at($name));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  T  $default
     * @return T
     */
    public function choiceOr(string $name, \BackedEnum $default): \BackedEnum
    {
        return $this->has($name) ? $this->choice($name, $default::class) : $default;
    }

    /**
     * What the core makes of this object or field; a refusal of the core's is said of it.
     *
     * @template T
     *
     * @param  callable(): T  $make
     * @param  array<string, string>  $names  fields of the document by what the core calls them, where the two differ
     * @return T
     */
    public function make(callable $make, string $name = '', array $names = []): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $e) {
            $e = $e->renamed($names);
            $at = $name === '' ? $this->path : $this->at($name);
            throw $at === '' || str_starts_with($e->field(), $at) ? $e : $e->at($at);
        }
    }

    /** A refusal of what this field says, to be thrown. */
    public function refusal(string $name, string $sentence): InvalidValue
    {
        return (new InvalidValue($sentence))->at($this->at($name));
    }

    private static function seconds(mixed $value): ShutterTime
    {
        return ShutterTime::ofSeconds(
            is_int($value) || is_float($value) ? (float) $value : throw InvalidValue::notNumeric('A shutter time'),
        );
    }

    /**
     * @template T
     *
     * @param  callable(mixed): T  $read
     * @return T
     */
    private function reading(string $name, callable $read): mixed
    {
        $value = $this->values[$name] ?? throw $this->missing($name);

        return $this->make(static fn (): mixed => $read($value), $name);
    }

    /**
     * @return list<mixed>
     *
     * @throws InvalidValue when there are more
     */
    private function atMost(string $name, int $most): array
    {
        $items = $this->items($name);

        return count($items) <= $most ? $items : throw (new InvalidValue("At most {$most} of them."))->at($this->at($name));
    }

    /** @return list<mixed> */
    private function items(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) && array_is_list($value)
            ? $value
            : throw (new InvalidValue($this->called($name).' must be a list.'))->at($this->at($name));
    }

    private function missing(string $name): InvalidValue
    {
        return InvalidValue::missing($this->called($name))->at($this->at($name));
    }

    private function at(string $name): string
    {
        return $this->path === '' ? $name : $this->path.'.'.$name;
    }

    private function called(string $name): string
    {
        return '“'.$this->at($name).'”';
    }
}
