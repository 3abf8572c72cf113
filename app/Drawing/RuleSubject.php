<?php

declare(strict_types=1);

namespace App\Drawing;

use GentlePour\Exposure\Reading;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\Exposure\Stops;
use GentlePour\Motion\LookBand;
use GentlePour\Solving\Wall;
use GentlePour\Solving\Way;

/** What a stop rule shows. */
final readonly class RuleSubject
{
    /**
     * @param  non-empty-list<MovingRow>  $rows  the water first
     * @param  list<Way>  $ways  best first
     * @param  list<Wall>  $walls
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
    ) {
    }
}
