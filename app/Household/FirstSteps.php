<?php

declare(strict_types=1);

namespace App\Household;

use App\Models\Camera;
use App\Models\Frame;
use App\Models\Lens;
use App\Models\Place;
use App\Models\Subject;

/** The way of a stranger from an empty house to their first frame: what is done of it, and what comes next. */
final readonly class FirstSteps
{
    /** @return list<array{what: string, why: string, to: string, done: bool}> in order; nothing once there is a frame */
    public function all(): array
    {
        if (Frame::query()->exists()) {
            return [];
        }
        $place = Place::query()->oldest('id')->value('id');

        return [
            [
                'what' => 'A place', 'why' => 'where it is, which way you look, its tide: from that its light and its windows',
                'to' => route('places.create'), 'done' => $place !== null,
            ],
            [
                'what' => 'Your kit', 'why' => 'a camera, a lens, a dark filter: the bench answers with what you own',
                'to' => route('kit.first'), 'done' => Camera::query()->exists() && Lens::query()->exists(),
            ],
            [
                'what' => 'Its water', 'why' => 'what moves there, and how far away: from that how long silk takes',
                'to' => route('subjects.create', $place === null ? [] : ['place' => $place, 'focal' => '']),
                'done' => Subject::query()->exists(),
            ],
            [
                'what' => 'The first frame', 'why' => 'a look, a base reading, and the bench says time, aperture, ISO and filter',
                'to' => route('bench'), 'done' => false,
            ],
        ];
    }
}
