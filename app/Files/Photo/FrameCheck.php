<?php

declare(strict_types=1);

namespace App\Files\Photo;

use Closure;
use GentlePour\InvalidValue;
use GentlePour\Measuring\Quartiles;
use GentlePour\Photo\Area;
use GentlePour\Photo\Detail;
use GentlePour\Photo\Dust;
use GentlePour\Photo\Finding;
use GentlePour\Photo\Levels;
use GentlePour\Photo\NextExposure;
use GentlePour\Photo\Pair;
use GentlePour\Photo\Still;

/** A frame looked at, as a page shows it: the whole and the drawn area, against its base where there is one. */
final readonly class FrameCheck
{
    /** Of a part that stands still, pixel by pixel. */
    private const PART_PX = 320;

    /**
     * @param  Levels  $levels  of the whole
     * @param  Levels|null  $inArea  of the water that was drawn
     * @param  Pair|null  $pair  against the base
     * @param  float|null  $sharpness  edge energy against the base's, where nothing moves
     * @param  float|null  $kept  share of the base's texture that the water has kept
     * @param  list<Finding>  $findings
     * @param  list<array{float, float}>  $spots  of dust
     * @param  string|null  $notComparable  why the base says nothing of it
     */
    private function __construct(
        public Levels $levels,
        public ?Levels $inArea,
        public ?Pair $pair,
        public ?float $sharpness,
        public ?float $kept,
        public NextExposure $next,
        public array $findings,
        public array $spots,
        public ?string $notComparable,
    ) {
    }

    /**
     * @param  Closure(): Photograph  $open  the picture once more, as fine as it is
     * @param  Closure(): Photograph|null  $openBase
     * @param  Area|null  $still  as it was drawn; else it is looked for
     */
    public static function of(Closure $open, ?Closure $openBase, ?Area $water, ?Area $still): self
    {
        [$photo, $base] = [$open()->lookedAt($still), $openBase === null ? null : $openBase()->lookedAt($still)];
        $why = null;
        try {
            $pair = $base === null ? null : Pair::of($base->lattice, $photo->lattice);
        } catch (InvalidValue $e) {
            [$pair, $base, $why] = [null, null, $e->getMessage()];
        }
        $levels = Levels::of($photo->lattice);
        $inArea = $water === null ? null : Levels::of($photo->lattice->part($water));
        $textures = $base === null ? [[], []] : [Detail::texture($base->small), Detail::texture($photo->small)];
        $sharp = match (true) {
            $base === null || $openBase === null => null,
            $base->still !== null && $photo->still !== null => Detail::sharpness($base->still, $photo->still),
            default => self::ofStill($open(), $openBase(), Still::found($base->small, ...$textures)),
        };
        $kept = match (true) {
            $base === null => null,
            $water === null => Detail::keptOf(...$textures),
            default => Detail::kept($base->small->part($water), $photo->small->part($water)),
        };
        $spots = Dust::spots($photo->medium);

        return new self(
            $levels, $inArea, $pair, $sharp, $kept, NextExposure::of($inArea ?? $levels, $pair?->luminanceStops),
            Finding::of($pair, $sharp, count($spots)), $spots, $why,
        );
    }

    /**
     * The middle one of what several parts say; null where none stands still.
     *
     * @param  list<Area>  $areas
     */
    private static function ofStill(Photograph $photo, Photograph $base, array $areas): ?float
    {
        $sharp = array_map(static fn (Area $a): float => Detail::sharpness(
            $base->fine($a, self::PART_PX), $photo->fine($a, self::PART_PX),
        ), $areas);

        return $sharp === [] ? null : Quartiles::median($sharp);
    }
}
