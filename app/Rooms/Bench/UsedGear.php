<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Household\Settings;

/** Which camera was used last, and with each camera which lens at which focal length: what a bag holds together. */
final readonly class UsedGear
{
    private const SETTING = 'gear';

    public function __construct(private Settings $settings)
    {
    }

    public function remember(BenchForm $form): void
    {
        $framing = $form->framing;
        $used = ['lens' => $framing->lensId, 'focal' => $framing->focalMm];
        $now = $this->settings->read(self::SETTING);
        if (($now['camera'] ?? null) !== $framing->cameraId || ($this->with($framing->cameraId)) !== $used) {
            $with = is_array($now['with'] ?? null) ? $now['with'] : [];
            $this->settings->write(self::SETTING, ['camera' => $framing->cameraId, 'with' => [$framing->cameraId => $used] + $with]);
        }
    }

    /** The camera that was used last; nought before any was. */
    public function cameraId(): int
    {
        $id = $this->settings->read(self::SETTING)['camera'] ?? 0;

        return is_int($id) ? $id : 0;
    }

    /** @return array{lens: int, focal: float}|null what a camera was last used with */
    public function with(int $cameraId): ?array
    {
        $with = $this->settings->read(self::SETTING)['with'] ?? [];
        $used = is_array($with) ? $with[$cameraId] ?? null : null;

        return is_array($used) && is_int($used['lens'] ?? null) && is_numeric($used['focal'] ?? null)
            ? ['lens' => $used['lens'], 'focal' => (float) $used['focal']] : null;
    }
}
