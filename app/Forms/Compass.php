<?php

declare(strict_types=1);

namespace App\Forms;

use GentlePour\Compass\Bearing;
use GentlePour\Compass\MagneticModel;
use GentlePour\InvalidValue;
use GentlePour\Sky\Observer;

/**
 * What a compass shows at a place today.
 *
 * @phpstan-import-type Term from MagneticModel
 */
final class Compass
{
    private ?MagneticModel $model = null;

    /** @throws InvalidValue where no compass can be trusted */
    public function variationDeg(Observer $place): float
    {
        return $this->model()->at($place, (float) now()->getTimestamp())->variationDeg();
    }

    /**
     * A list of skyline points or legs of a way, with its bearings from true north.
     *
     * @throws InvalidValue where one was read off a compass and no compass can be trusted, or nobody knows where it was read
     */
    public function inTrue(string $list, ?Observer $place): string
    {
        return Bearing::anyReadOff($list) ? Bearing::listFromCompass($list, $this->variationDeg(self::known($place))) : $list;
    }

    /** @throws InvalidValue where it is not known */
    public static function known(?Observer $place): Observer
    {
        return $place ?? throw new InvalidValue('A bearing by compass needs the position of its place.');
    }

    /** The compass at a place in words; empty where there is none. */
    public function words(?Observer $place): string
    {
        try {
            return $place === null ? '' : Bearing::words($this->variationDeg($place)).' of true north';
        } catch (InvalidValue) {
            return '';
        }
    }

    /** “211°, 215° by compass”; without the second where no compass can be trusted. */
    public function bearing(float $trueDeg, ?Observer $place): string
    {
        $true = round($trueDeg).'°';
        try {
            return $place === null ? $true : $true.', '.round(Bearing::onCompass($trueDeg, $this->variationDeg($place))).'° by compass';
        } catch (InvalidValue) {
            return $true;
        }
    }

    private function model(): MagneticModel
    {
        if ($this->model === null) {
            /** @var array{epoch: int, terms: list<Term>} $data */
            $data = json_decode((string) file_get_contents(base_path('data/magnetic.json')), true);
            $this->model = MagneticModel::of((float) $data['epoch'], $data['terms']);
        }

        return $this->model;
    }
}
