<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Kit\Filter;
use GentlePour\Motion\LookBand;
use GentlePour\Solving\StripMark;
use GentlePour\Solving\Wall;
use GentlePour\Solving\Way;

/** What a stop rule shows. */
final readonly class RuleSubject
{
    /**
     * @param  non-empty-list<MovingRow>  $rows  the water first
     * @param  list<Way>  $ways  best first
     * @param  list<Wall>  $walls
     * @param  list<Filter>  $staying  filters of the reading that stay on: no step of a run
     * @param  list<StripMark>  $marks  what other glass makes of the reading, in order of time
     * @param  list<string>  $held  what is held fast, in words
     * @param  bool  $heldTime  whether the target is
     * @param  string  $gathers  what keeps the open time from being what the steps come to: drift, film; empty for neither
     */
    public function __construct(
        public array $rows,
        public ShutterWindow $window,
        public LookBand $band,
        public Reading $reading,
        public Stops $bias,
        public array $ways,
        public ?Way $picked,
        public array $walls,
        public array $staying = [],
        public array $marks = [],
        public array $held = [],
        public bool $heldTime = false,
        public string $gathers = '',
    ) {
    }
}
