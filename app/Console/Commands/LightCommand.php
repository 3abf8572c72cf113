<?php

declare(strict_types=1);

namespace App\Console\Commands;

use GentlePour\Documents\SkyDocument;
use GentlePour\InvalidValue;
use GentlePour\Limit;
use GentlePour\Sky\Foreground;
use GentlePour\Sky\LightReading;
use GentlePour\Sky\SkyCondition;
use GentlePour\Time\Instant;
use Illuminate\Console\Command;

final class LightCommand extends Command
{
    use AnswersDocuments;
    use ReadsOptions;

    protected $signature = 'pour:light {--lat= : degrees north} {--lon= : degrees east} {--from= : instant} {--to= : instant}
        {--step=10 : minutes} {--sky=clear : clear, hazy, cloudy, overcast or heavy} {--reading=* : INSTANT,EV100, once or more}
        {--facing= : degrees from north, for sky and foreground in a frame} {--foreground=shore : shore, rock, sand or water}
        {--skyline= : what stands before the sky, azimuth and altitude clockwise: “90 0, 110 25, 130 0”}
        {--tz=UTC : the place’s time zone}';

    protected $description = 'The light at a place through time, as EV at ISO 100';

    public function handle(): int
    {
        return $this->answering(function (): array {
            $zone = $this->zone();
            $sky = SkyCondition::tryFrom($this->needed('sky'))
                ?? throw InvalidValue::notOneOf('The sky', $this->needed('sky'), array_column(SkyCondition::cases(), 'value'))->at('sky');
            $foreground = Foreground::tryFrom($this->needed('foreground')) ?? throw InvalidValue::notOneOf(
                'The foreground', $this->needed('foreground'), array_column(Foreground::cases(), 'value'),
            )->at('foreground');

            return SkyDocument::light(
                $this->observer(), $this->instant('from', $zone), $this->instant('to', $zone),
                $this->neededNumber('step'), $sky,
                array_map(
                    static fn (?string $r): LightReading => self::reading((string) $r, $zone), array_values($this->option('reading')),
                ),
                $zone, $this->option('facing') === null ? null : Limit::Facing->check($this->neededNumber('facing'), 'facing'), $foreground,
            );
        });
    }

    private static function reading(string $written, \DateTimeZone $zone): LightReading
    {
        if (preg_match('/^([^,]+),\s*(-?\d+(?:\.\d+)?)$/', $written, $m) !== 1) {
            throw (new InvalidValue('A reading is an instant and an EV, like 2027-03-21T06:30Z,7.5.'))->at('reading');
        }
        try {
            return new LightReading(Instant::parse($m[1], $zone), (float) $m[2]);
        } catch (InvalidValue $e) {
            throw $e->at('reading');
        }
    }
}
