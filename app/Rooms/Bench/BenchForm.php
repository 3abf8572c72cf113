<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Typed;
use GentlePour\InvalidValue;
use GentlePour\Motion\Look;

/** The bench as a person filled it in, read as what it stands for. */
final readonly class BenchForm
{
    /** @param  array<string, mixed>  $typed  every field as text */
    private function __construct(
        public AtForm $at,
        public WaterForm $water,
        public ?AlsoForm $also,
        public SkyForm $sky,
        public FramingForm $framing,
        public ReadingForm $reading,
        public AimForm $aim,
        public HeldForm $held,
        private array $typed,
    ) {
    }

    /**
     * @param  array<string, mixed>  $typed
     *
     * @throws InvalidValue at the field that cannot be read
     */
    public static function of(array $typed): self
    {
        $typed = array_intersect_key($typed, BenchFields::ALL) + BenchFields::ALL;
        $read = new Typed($typed);

        return new self(
            AtForm::of($read), WaterForm::of($read), AlsoForm::of($read), SkyForm::of($read), FramingForm::of($read),
            ReadingForm::of($read), AimForm::of($read), HeldForm::of($read), $typed,
        );
    }

    /** The same, with the look that the target fell into. */
    public function aimedAt(Look $look): self
    {
        [$water, $also, $sky, $framing, $reading] = [$this->water, $this->also, $this->sky, $this->framing, $this->reading];

        return new self($this->at, $water, $also, $sky, $framing, $reading, $this->aim, $this->held, [
            'look' => $look->value, 'look_was' => $look->value, 'target' => $this->aim->targetText,
            'glass' => $this->aim->glass, 'glass_was' => $this->aim->glass, 'pick' => $this->aim->pick,
        ] + $this->typed);
    }

    /** @return array<string, mixed> every field as text, for the address, the form and the log */
    public function toQuery(): array
    {
        return $this->typed;
    }

    /**
     * The fields that make the picture, as a query: what only changes the exposure is left out, so that a recipe once fetched serves on.
     */
    public function pictureQuery(): string
    {
        return http_build_query(array_diff_key($this->typed, array_flip(BenchFields::OF_THE_EXPOSURE)));
    }
}
