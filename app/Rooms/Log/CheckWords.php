<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Files\Photo\FrameCheck;
use App\Models\Photo;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\Stops;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Motion\LookBounds;

/** What a check comes to, in words: the next exposure, how sharp, how smooth. */
final readonly class CheckWords
{
    /** Less than this of the base's edge energy is seen by a careful eye; below Detail::SHAKEN by anybody. Judgement. */
    private const AS_SHARP = 0.82;

    private const A_LITTLE = 0.7;

    /**
     * @param  string  $next  in thirds
     * @param  list<string>  $ways  what would take it up
     * @param  string|null  $sharp  null where nothing tells
     * @param  string|null  $smooth  in a word
     * @param  string|null  $planned  what the model said
     */
    private function __construct(
        public string $next,
        public array $ways,
        public ?string $sharp,
        public ?string $smooth,
        public ?string $planned,
    ) {
    }

    public static function of(Photo $photo, FrameCheck $check, LookBounds $bounds): self
    {
        $stops = $check->next->correctionStops;

        return new self(
            $stops === 0.0 ? 'Leave it as it is' : self::thirds($stops),
            $stops === 0.0 ? [] : self::ways($photo, $stops),
            match (true) {
                $check->sharpness === null => null,
                $check->sharpness >= self::AS_SHARP => 'as sharp as the base',
                $check->sharpness >= self::A_LITTLE => 'a little softer than the base',
                default => 'shaken, or out of focus',
            },
            $check->kept === null ? null : $bounds->lookOf($check->kept)->value,
            self::planned($photo),
        );
    }

    private static function thirds(float $stops): string
    {
        return Stops::ofThirds((int) round(3 * $stops))->words().($stops < 0 ? ' less' : ' more');
    }

    /** @return list<string> */
    private static function ways(Photo $photo, float $stops): array
    {
        $of = static function (?float $value, callable $label): ?string {
            try {
                return $value === null ? null : $label($value);
            } catch (InvalidValue) {
                return null;
            }
        };

        return array_values(array_filter([
            $of($photo->shutter_s === null ? null : $photo->shutter_s * 2 ** $stops, static fn (float $s): string => 'open for '
                .ShutterTime::ofSeconds($s)->counted()->label()),
            $of($photo->aperture === null ? null : $photo->aperture * 2 ** (-$stops / 2), static fn (float $f): string => 'or '
                .Aperture::onDial((int) round(Aperture::of(Limit::Aperture->check($f))->thirds()))->label()),
            $of($photo->iso === null ? null : $photo->iso * 2 ** $stops, static fn (float $iso): string => 'or ISO '
                .Iso::onDial((int) round(Iso::of(Limit::Iso->check($iso))->thirds()))->label()),
        ]));
    }

    private static function planned(Photo $photo): ?string
    {
        $plan = $photo->frame?->plan;
        if ($plan === null) {
            return null;
        }

        return sprintf('%.0f %%', 100 * $plan->texture);
    }
}
