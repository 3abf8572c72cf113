<?php

declare(strict_types=1);

namespace GentlePour\Kit;

use GentlePour\Bounds;
use GentlePour\InvalidValue;

/** Everything that is packed: body, lens, filters, holder, rings, release. */
final readonly class Bag
{
    /**
     * @param  list<Filter>  $filters
     * @param  int  $slots  of the filter holder; none without a holder
     * @param  list<array{float, float}>  $rings  step-up rings as [lens thread, filter thread] in mm
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
    ) {
        Bounds::of('The number of slots', 0, 5)->check($slots, 'holder.slots');
        Bounds::of('The number of filters', 0, 60)->check(count($filters), 'filters');
        $names = array_map(static fn (Filter $f): string => mb_strtolower($f->name), $filters);
        if (count(array_unique($names)) !== count($names)) {
            throw (new InvalidValue('Two filters share a name; give each its own.'))->at('filters');
        }
    }

    /** @throws InvalidValue when no filter has that name */
    public function filter(string $name): Filter
    {
        foreach ($this->filters as $filter) {
            if (mb_strtolower($filter->name) === mb_strtolower(trim($name))) {
                return $filter;
            }
        }

        throw new InvalidValue('There is no filter called '.InvalidValue::quoted($name).' in the bag.');
    }
}
