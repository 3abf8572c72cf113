<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Devices\Camera\DeliveredFile;
use App\Models\Frame;
use App\Models\PhotoRole;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Shoot\OpenFrame;
use GentlePour\Exposure\SteppedLight;
use GentlePour\InvalidValue;
use GentlePour\Solving\NoiseReductionHabit;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Carbon;

/** A simulated camera takes a planned frame and delivers two files, which are taken in like any other. */
final readonly class FireCamera
{
    /** So long the base lies before its frame, in s. */
    private const BETWEEN_S = 20;

    public function __construct(private SimulatedShoot $shoot, private TakePhoto $take, private OpenFrame $open, private KitShelf $shelf)
    {
    }

    /** @throws InvalidValue|ModelNotFoundException when the frame cannot be taken */
    public function __invoke(Frame $frame): void
    {
        $opened = now()->subSeconds((int) ceil($frame->planned_s) + 1);
        if (! $frame->isTaken()) {
            ($this->open)($frame, Carbon::instance($opened), $frame->planned_s, SteppedLight::read(''));
        }
        $unix = (float) ($frame->opened_at ?? $opened)->getTimestamp();
        $openS = $frame->open_s ?? $frame->planned_s;
        // The frame first: by it the camera's clock is known.
        if (! $frame->photos()->where('role', PhotoRole::Frame)->exists()) {
            $camera = $this->shoot->camera($frame, false, $openS, $frame->id);
            // The hand that ticked the step has put the mirror up; a camera that has none needs no hand.
            $id = $frame->inputs['camera'] ?? 0;
            $hasMirror = $this->shelf->cameras()->find(is_numeric($id) ? (int) $id : 0)?->mirror === true;
            $camera->handle(
                ! $hasMirror || in_array('mirror', $frame->steps_done, true),
                $this->shelf->habits()->noiseReduction === NoiseReductionHabit::InCamera,
            );
            $this->deliver($camera->expose($this->shoot->long($frame, $openS), $unix));
        }
        if (! $frame->photos()->where('role', PhotoRole::Base)->exists()) {
            $base = $this->shoot->base($frame);
            $camera = $this->shoot->camera($frame, true, $base->shutter->seconds, $frame->id + 1);
            $this->deliver($camera->expose($base, $unix - self::BETWEEN_S));
        }
    }

    /** @throws InvalidValue when what it delivered cannot be taken in */
    private function deliver(DeliveredFile $file): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'delivered');
        try {
            if (@file_put_contents($path, $file->bytes) !== strlen($file->bytes)) {
                throw (new InvalidValue('The disk is full: what the camera sent could not be taken in.'))->at('camera');
            }
            $taken = ($this->take)($path, $file->name);
        } finally {
            unlink($path);
        }
        if ($taken->outcome === PhotoOutcome::Refused) {
            throw (new InvalidValue((string) $taken->why))->at('camera');
        }
    }
}
