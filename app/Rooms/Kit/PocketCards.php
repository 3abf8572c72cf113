<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Models\Camera;
use App\Models\Lens;
use App\Models\Subject;
use App\Rooms\Learned\OwnLooks;
use GentlePour\InvalidValue;
use GentlePour\Motion\Framing;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Outing\PocketCard;
use Illuminate\Support\Collection;

/** The card for the pocket, for the bag as it is packed, with the looks of the waters that are kept along its edge. */
final readonly class PocketCards
{
    private const WATERS = 8;

    /** The focal length that the waters are framed at, where the lens reaches it. */
    private const FOCAL_MM = 24.0;

    private const LOOKS = [Look::Brushed, Look::Silk, Look::Mist, Look::Glass];

    public function __construct(private KitShelf $shelf, private OwnLooks $looks)
    {
    }

    /** @param  int  $id  nought, or of one that is gone, for the first */
    public function camera(int $id): Camera
    {
        return $this->shelf->cameras()->find($id) ?? $this->shelf->cameras()->firstOrFail();
    }

    /** @param  int  $id  nought, or of one that is gone, for the first */
    public function lens(int $id): Lens
    {
        return $this->shelf->lenses()->find($id) ?? $this->shelf->lenses()->firstOrFail();
    }

    public function card(Camera $camera, Lens $lens, bool $thirds, bool $byCard): PocketCard
    {
        return PocketCard::of($this->shelf->bag($camera, $lens, $lens->focal_min_mm), $thirds, $byCard);
    }

    /** @return list<array{name: string, looks: array<string, string>}> where each look lies for each water, from first to last */
    public function waters(Camera $camera, Lens $lens): array
    {
        $focal = max($lens->focal_min_mm, min($lens->focal_max_mm, self::FOCAL_MM));
        /** @var Collection<int, Subject> $subjects */
        $subjects = Subject::query()->with('place')->oldest('id')->limit(self::WATERS)->get();
        $waters = [];
        foreach ($subjects as $subject) {
            try {
                $framing = new Framing($camera->sensor(), $focal, $subject->distance_m);
                $bands = $this->looks->bands($subject->water()->orUsual()->in($framing), $framing);
            } catch (InvalidValue) {
                continue;
            }
            $looks = [];
            foreach (self::LOOKS as $look) {
                $looks[$look->value] = self::span($bands->band($look));
            }
            $waters[] = ['name' => $subject->place->name.', '.$subject->name, 'looks' => $looks];
        }

        return $waters;
    }

    private static function span(?LookBand $band): string
    {
        $window = $band?->window();

        return match (true) {
            $window === null => '–',
            $band->maxS === null => 'from '.$window->min->label(),
            default => $window->min->nearestDial()->label().' – '.$window->max->nearestDial()->label(),
        };
    }
}
