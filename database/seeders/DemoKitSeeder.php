<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Household\Devices;
use App\Household\Settings;
use App\Models\Camera;
use App\Models\Carry;
use App\Models\Filter;
use App\Models\Lens;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\FilterMarking;
use GentlePour\Kit\FilterKind;
use GentlePour\Kit\Mount;
use Illuminate\Database\Seeder;

/** A made-up bag. */
final class DemoKitSeeder extends Seeder
{
    public function run(Settings $settings, Devices $devices): void
    {
        $devices->choose(Devices::NONE, Devices::NONE, Devices::SIMULATED);
        Camera::query()->create([
            'name' => 'Full-frame body', 'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'pixels_wide' => 6000,
            'iso_base' => 100, 'iso_low' => 50, 'iso_max' => 1600, 'longest_timed_s' => 32,
        ]);
        Camera::query()->create([
            'name' => 'Small body', 'sensor_width_mm' => 23.5, 'sensor_height_mm' => 15.6, 'pixels_wide' => 6240,
            'iso_base' => 160, 'iso_low' => null, 'iso_max' => 3200, 'longest_timed_s' => 32,
        ]);
        $lenses = [['Wide zoom', 16, 35, 4, 22, 77], ['Standard zoom', 24, 70, 4, 22, 77], ['Long zoom', 70, 200, 4, 32, 67]];
        foreach ($lenses as [$name, $from, $to, $widest, $smallest, $thread]) {
            Lens::query()->create([
                'name' => $name, 'focal_min_mm' => $from, 'focal_max_mm' => $to, 'thread_mm' => $thread,
                'widest_f' => Aperture::named($widest)->number, 'smallest_f' => Aperture::named($smallest)->number,
            ]);
        }
        $solids = [['Three', '0.9', null], ['Six', 'ND64', null], ['Ten', 'ND1000', 9.6], ['Fifteen', '15 stops', null]];
        foreach ($solids as [$name, $marking, $measured]) {
            Filter::query()->create([
                'name' => $name, 'kind' => FilterKind::NeutralDensity, 'marking' => $marking,
                'stops' => FilterMarking::parse($marking)->stops()->value,
                'measured_stops' => $measured, 'mount' => Mount::Slot,
            ]);
        }
        Filter::query()->create(
            ['name' => 'Pola', 'kind' => FilterKind::Polariser, 'stops' => 1.5, 'mount' => Mount::Thread, 'thread_mm' => 77],
        );
        Filter::query()->create(
            ['name' => 'Soft grad', 'kind' => FilterKind::Graduated, 'marking' => '0.9', 'stops' => 3, 'mount' => Mount::Slot],
        );
        Filter::query()->create([
            'name' => 'Twist', 'kind' => FilterKind::Variable, 'marking' => '2-5 stops', 'stops' => 5, 'lightest_stops' => 2,
            'mount' => Mount::Thread,
            'thread_mm' => 77, 'packed' => false,
        ]);
        $settings->write(Carry::SETTING, (new Carry(slots: 2, release: true, rings: [[67, 77]]))->toArray());
    }
}
