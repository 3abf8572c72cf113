<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\InvalidValue;
use GentlePour\Limit;

/** Everything that is packed: body, lens, filters, holder, rings, release. */
final readonly class Bag
{
    /**
     * @param  list<Filter>  $filters
     * @param  int  $slots  of the filter holder; none without a holder
     * @param  list<array{float, float}>  $rings  step-up rings as [lens thread, filter thread] in mm
     * @param  list<float>  $adapters  threads in mm on which the holder can be put; any lens when none is named
     *
     * @throws InvalidValue when two filters share a name or the holder has more than five slots
     */
    public function __construct(
        public Camera $camera,
        public Lens $lens,
        public array $filters,
        public int $slots,
        public bool $release,
        public array $rings = [],
        public array $adapters = [],
    ) {
        Limit::Slots->check($slots, 'holder.slots');
        Limit::FiltersPacked->check(count($filters), 'filters');
        $names = array_map(static fn (Filter $f): string => self::plainName($f->name), $filters);
        if (count(array_unique($names)) !== count($names)) {
            throw (new InvalidValue('Two filters share a name; give each its own.'))->at('filters');
        }
    }

    /**
     * The same with something else in it.
     *
     * @param  list<Filter>|null  $filters
     *
     * @throws InvalidValue when two filters share a name or there are more than sixty
     */
    public function with(?Camera $camera = null, ?Lens $lens = null, ?array $filters = null, ?bool $release = null): self
    {
        return new self(
            $camera ?? $this->camera, $lens ?? $this->lens, $filters ?? $this->filters, $this->slots, $release ?? $this->release,
            $this->rings, $this->adapters,
        );
    }

    /** Whether the same stacks can be put before the lens as with another bag. */
    public function stacksLike(self $other): bool
    {
        $of = static fn (self $bag): array => [
            $bag->filters, $bag->slots, $bag->rings, $bag->adapters, $bag->lens->threadMm,
            $bag->camera->sensor->fullFrameEquivalentMm($bag->lens->focalLengthMm),
        ];

        return $of($this) === $of($other);
    }

    /** Whether the holder can be put before this lens, by an adapter of its thread or a ring to one. */
    public function holderFits(): bool
    {
        return $this->slots > 0
            && (
                $this->adapters === [] || $this->lens->threadMm === null || array_filter(
                    $this->adapters, fn (float $mm): bool => $this->bridges($mm),
                ) !== []
            );
    }

    /** Whether something of a thread goes before this lens: by the same thread, or by a ring that steps up to it. */
    public function bridges(float $threadMm): bool
    {
        $lens = $this->lens->threadMm;
        if ($lens === null || abs($lens - $threadMm) < 0.1) {
            return true;
        }
        foreach ($this->rings as [$from, $to]) {
            if (abs($from - $lens) < 0.1 && abs($to - $threadMm) < 0.1 && $to > $from) {
                return true;
            }
        }

        return false;
    }

    /** By which pieces of kit are told apart: whatever the case in which a name is written, and without the blanks around it. */
    public static function plainName(string $name): string
    {
        return mb_strtolower(trim($name));
    }

    /** A name that no filter in the bag has, for one that is weighed beside them. */
    public function freeName(string $name): string
    {
        $taken = array_map(static fn (Filter $f): string => self::plainName($f->name), $this->filters);
        while (in_array(self::plainName($name), $taken, true)) {
            $name .= '’';
        }

        return $name;
    }

    /** @throws InvalidValue when no filter has that name */
    public function filter(string $name): Filter
    {
        foreach ($this->filters as $filter) {
            if (self::plainName($filter->name) === self::plainName($name)) {
                return $filter;
            }
        }

        throw new InvalidValue('There is no filter called '.InvalidValue::quoted($name).' in the bag.');
    }
}
