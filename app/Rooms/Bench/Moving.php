<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Drawing\LookSpan;
use App\Drawing\MovingRow;
use App\Forms\Refusal;
use GentlePour\Exposure\ShutterWindow;
use GentlePour\InvalidValue;
use GentlePour\Kit\Sensor;
use GentlePour\Motion\Clouds;
use GentlePour\Motion\Framing;
use GentlePour\Motion\LookBand;
use GentlePour\Motion\LookBands;
use GentlePour\Motion\LookBounds;
use GentlePour\Motion\LookTarget;
use GentlePour\Motion\MovingWater;
use GentlePour\Motion\Picture;
use GentlePour\Motion\WaterKind;
use GentlePour\Scene\Stroke;
use GentlePour\Units;

/** Everything that moves in the picture on the bench: its water, another water in it, and the clouds over it. */
final readonly class Moving
{
    private function __construct(
        public WaterKind $kind,
        public Framing $framing,
        public MovingWater $water,
        public LookBands $bands,
        public ?MovingRow $also,
        public ?Clouds $clouds,
        public ?MovingRow $sky,
        public ?float $windMS,
        private ?string $guess,
    ) {
    }

    /** @throws InvalidValue when the fields do not go together */
    public static function of(BenchForm $form, Sensor $sensor, LookBounds $bounds): self
    {
        $framing = $form->framing->in($sensor);
        $water = $form->water->in($framing);
        $clouds = $form->sky->clouds($framing);

        return new self(
            $form->water->kind(), $framing, $water, LookBands::of($water, $framing, $bounds),
            $form->also === null ? null : self::alsoRow($form->also, $framing, $bounds),
            $clouds, $clouds === null ? null : self::skyRow($form->sky, $clouds), $form->sky->windMS,
            $form->water->guess(resolve(Units::class)),
        );
    }

    /** What all of it wants of the shutter, the water first. */
    public function picture(LookBand $band): Picture
    {
        $others = array_map(static fn (MovingRow $row): ?LookTarget => $row->target, array_filter([$this->also, $this->sky]));

        return Picture::of([$this->target($band), ...array_values(array_filter($others))]);
    }

    /** @return non-empty-list<MovingRow> rows of the stop rule, the water first */
    public function rows(LookBand $band): array
    {
        $water = self::waterRow('Water', $this->water, $this->framing, $this->bands, $this->target($band), $this->guess);

        return [$water, ...array_values(array_filter([$this->also, $this->sky]))];
    }

    private function target(LookBand $band): LookTarget
    {
        return new LookTarget('the '.$this->kind->label(), $band->look->value, $band->window());
    }

    private static function alsoRow(AlsoForm $also, Framing $framing, LookBounds $bounds): MovingRow
    {
        $its = $also->framing($framing);
        $water = $also->in($its);
        $bands = LookBands::of($water, $its, $bounds);
        $look = $also->look;
        $window = $bands->band($look)?->window()
            ?? throw (new InvalidValue("This water never looks {$look->value} at its distance."))->at('also_look');

        $target = new LookTarget('the '.$also->spec->kind->label(), $look->value, $window);

        return self::waterRow('Also', $water, $its, $bands, $target, null);
    }

    private static function waterRow(
        string $label, MovingWater $water, Framing $framing, LookBands $bands, LookTarget $target, ?string $guess,
    ): MovingRow {
        return new MovingRow(
            $label, $guess ?? resolve(Units::class)->speed($water->speedMS()), MovingRow::spansOf($bands), $target,
            static fn (float $s): Stroke => Stroke::ofStreak(
                $framing->streakMm($water->speedMS(), $s) / $framing->sensor->widthMm, $water->textureKept($s),
            ),
        );
    }

    private static function skyRow(SkyForm $sky, Clouds $clouds): MovingRow
    {
        $look = $sky->look;
        $spans = array_map(
            static fn (array $b): LookSpan => new LookSpan($b['look']->value, $b['look']->words(), $b['minS'], $b['maxS']),
            $clouds->bands(),
        );
        $target = $look === null ? null : new LookTarget(
            'the clouds', $look->value, Refusal::at('cloud_look', static fn (): ShutterWindow => $clouds->window($look)),
        );

        return new MovingRow(
            'Sky', sprintf('%.2f %%/s', 100 * $clouds->sharePerSecond), $spans, $target,
            static fn (float $s): Stroke => Stroke::ofStreak($clouds->streakShare($s), $clouds->contrastKept($s)),
        );
    }
}
