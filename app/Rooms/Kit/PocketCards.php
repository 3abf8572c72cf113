<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use App\Models\Camera;
use App\Models\Lens;
use App\Models\Subject;
use App\Rooms\Bench\BenchInputs;
use App\Rooms\Bench\Moving;
use GentlePour\InvalidValue;
use GentlePour\Motion\Look;
use GentlePour\Motion\LookBand;
use GentlePour\Outing\PocketCard;

/** The card for the pocket, for the bag as it is packed, with the looks of the waters that are kept along its edge. */
final class PocketCards
{
    private const WATERS = 7;

    public static function canBeMade(): bool
    {
        return Camera::query()->exists() && Lens::query()->exists();
    }

    /** @return array{card: PocketCard, waters: list<array{name: string, looks: array<string, string>}>, camera: string, release: bool} */
    public static function of(bool $thirds, bool $byCard): array
    {
        $camera = Camera::query()->oldest('id')->firstOrFail();
        $lens = Lens::query()->oldest('id')->firstOrFail();

        return [
            'card' => PocketCard::of(KitBag::packed($camera, $lens, $lens->focal_min_mm), $thirds, $byCard),
            'waters' => self::waters($camera, $lens),
            'camera' => $camera->name,
            'release' => KitBag::carry()['release'],
        ];
    }

    /** @return list<array{name: string, looks: array<string, string>}> where each look lies for each water, from first to last */
    private static function waters(Camera $camera, Lens $lens): array
    {
        $waters = [];
        foreach (Subject::query()->with('place')->oldest('id')->get()->take(self::WATERS) as $subject) {
            try {
                $moving = Moving::of([...BenchInputs::defaults(), ...BenchInputs::ofSubject($subject), 'focal' => (string) max($lens->focal_min_mm, min($lens->focal_max_mm, 24))], $camera);
            } catch (InvalidValue) {
                continue;
            }
            $looks = [];
            foreach ([Look::Brushed, Look::Silk, Look::Mist, Look::Glass] as $look) {
                $looks[$look->value] = self::span($moving->bands->band($look));
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
