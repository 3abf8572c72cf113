<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Devices\Camera\BeforeTheLens;
use App\Devices\Camera\SimulatedCamera;
use App\Devices\Picture\PictureView;
use App\Devices\Picture\StagePicture;
use App\Devices\SmoothNoise;
use App\Models\Filter;
use App\Models\Frame;
use App\Rooms\Bench\BenchFields;
use App\Rooms\Bench\BenchForm;
use App\Rooms\Bench\Workbench;
use App\Rooms\Kit\KitShelf;
use GdImage;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Exposure;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterKind;
use GentlePour\Scene\HourLight;
use GentlePour\Scene\Scene;
use GentlePour\Sky\LightPhase;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Puts a simulated camera before the scene of a planned frame, with glass that is what it truly is and not what is engraved on it. */
final readonly class SimulatedShoot
{
    /** Engraved strengths are off by up to so many stops, and take as much more of one colour. */
    private const OFF_STOPS = 0.7;

    private const CAST_STOPS = 0.3;

    public function __construct(private Workbench $workbench, private KitShelf $shelf, private string $layers)
    {
    }

    /**
     * @param  bool  $bare  without the filters: the base frame
     * @param  callable(BeforeTheLens): BeforeTheLens|null  $wrong  what goes wrong on top
     *
     * @throws InvalidValue|ModelNotFoundException when the kit or the water of the frame is gone
     */
    public function camera(Frame $frame, bool $bare, float $openS, int $seed, ?callable $wrong = null): SimulatedCamera
    {
        $form = BenchForm::of([...BenchFields::ALL, ...$frame->inputs]);
        $moving = $this->workbench->moving($form);
        $names = $bare ? [] : $frame->plan->way->filters;
        $filters = $this->shelf->filters()->whereIn('name', $names);
        $cast = [0.0, 0.0];
        $stops = 0.0;
        foreach ($filters as $filter) {
            [$own, $red, $blue] = self::truth($filter);
            $stops += $own;
            $cast = [$cast[0] + $red, $cast[1] + $blue];
        }
        $recipe = Scene::recipe($moving->kind, $moving->water, $moving->framing, $moving->clouds, [$openS], $moving->windMS);
        $view = new PictureView(
            self::light($frame), polariser: $filters->contains('kind', FilterKind::Polariser), moment: $seed % 97 + ($bare ? 0 : 1),
        );
        $before = new BeforeTheLens(
            fn (float $seconds): GdImage => StagePicture::of($recipe, $this->layers, $view)->at($seconds), $frame->plan->ev100, $stops,
            [$cast[0], $cast[1]],
        );

        return new SimulatedCamera($wrong === null ? $before : $wrong($before), $seed, $moving->framing->focalLengthMm);
    }

    public function base(Frame $frame): Exposure
    {
        $typed = static fn (string $name): string => is_string($frame->inputs[$name] ?? null) ? $frame->inputs[$name] : '';

        return new Exposure(Aperture::parse($typed('aperture')), ShutterTime::parse($typed('shutter')), Iso::parse($typed('iso')));
    }

    public function long(Frame $frame, float $openS): Exposure
    {
        $way = $frame->plan->way;

        return new Exposure(Aperture::of($way->aperture), ShutterTime::ofSeconds($openS), Iso::of($way->iso));
    }

    /** @return array{float, float, float} stops, and by how many red and blue come through more than green: measured ones are true */
    private static function truth(Filter $filter): array
    {
        if ($filter->measured_stops !== null) {
            return [$filter->measured_stops, $filter->cast_red ?? 0.0, $filter->cast_blue ?? 0.0];
        }
        $chance = SmoothNoise::seeded($filter->name);

        return [
            ($filter->stops ?? 0.0) + self::OFF_STOPS * (2 * $chance->at(0) - 1),
            self::CAST_STOPS * (2 * $chance->at(1) - 1), self::CAST_STOPS * (2 * $chance->at(2) - 1),
        ];
    }

    private static function light(Frame $frame): HourLight
    {
        $sun = $frame->opened_at === null ? null : $frame->place?->observer()?->sun((float) $frame->opened_at->getTimestamp());

        return $sun === null ? HourLight::Day : HourLight::ofPhase(LightPhase::ofAltitude($sun->altitudeDeg));
    }
}
