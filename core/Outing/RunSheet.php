<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\Exposure\Exposure;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Handling;
use GentlePour\Kit\Mount;
use GentlePour\Solving\NoiseReductionHabit;

/**
 * The order of one long frame, as the hand goes. Everything that needs an eye or the autofocus comes before the dark filter, because
 * nothing can be seen after it: the polariser is turned, the graduated filter lined up, the glass wiped, the focus set and held; then
 * the base frame; then what the camera asks for; the dark filter goes on last, gasket to the lens. Common practice.
 */
final readonly class RunSheet
{
    /** From here on a filter is too dark to compose and focus through, in stops. Common practice. */
    private const DARK_STOPS = 4.0;

    /** A sun nearer to the middle of the frame than this throws flare onto the filter, in degrees. Common practice. */
    public const SHADE_WITHIN_DEG = 60.0;

    /** @param  list<string>  $off  names of filters that were on for the reading and come off */
    private function __construct(
        private SheetWords $says,
        private FilterStack $filters,
        private bool $bulb,
        private array $off,
        private Handling $camera,
        private NoiseReductionHabit $noise,
        private ?float $sunAwayDeg,
    ) {
    }

    /**
     * @param  Exposure  $reading  the base frame's settings
     * @param  string  $shutterLabel  as set or counted
     * @param  list<string>  $off  names of filters that were on for the reading and come off
     * @param  float|null  $sunAwayDeg  between the sun and where the lens points, in degrees; null with the sun down or nothing known
     * @return non-empty-list<Step>
     */
    public static function of(
        Exposure $reading, Exposure $long, FilterStack $filters, string $shutterLabel, bool $bulb, array $off = [],
        Handling $camera = new Handling, NoiseReductionHabit $noise = NoiseReductionHabit::Later, ?float $sunAwayDeg = null,
    ): array {
        $says = SheetWords::of($reading, $long, $shutterLabel, $bulb);

        return (new self($says, $filters, $bulb, $off, $camera, $noise, $sunAwayDeg))->steps();
    }

    /**
     * The same before its settings are known: where they stand in the words, {base}, {aperture}, {iso}, {time} and {manual} do.
     *
     * @return non-empty-list<Step>
     */
    public static function pattern(FilterStack $filters, bool $bulb, Handling $camera, NoiseReductionHabit $noise): array
    {
        return (new self(SheetWords::pattern(), $filters, $bulb, [], $camera, $noise, null))->steps();
    }

    /** @return non-empty-list<Step> */
    private function steps(): array
    {
        return [...$this->beforeTheBaseFrame(), ...$this->ofTheCamera(), ...$this->behindTheFilter()];
    }

    /** @return non-empty-list<Step> what needs the eye, and the base frame */
    private function beforeTheBaseFrame(): array
    {
        $turned = $this->names(static fn (Filter $f): bool => $f->kind->isTurned());
        $graduated = $this->names(static fn (Filter $f): bool => $f->kind->hasEdge());

        return [
            new Step(
                'compose', 'Compose and level',
                'Feet firm, column down, strap tied. Nothing can be framed once the dark filter is on.',
                'the frame may be off and the horizon tilted',
            ),
            ...$turned === '' ? [] : [new Step(
                'polariser', "Turn the {$turned}", 'By eye, until the glare on wet rock is where you want it.',
                'the glare stays, and the reading is off by up to two stops',
            )],
            ...$graduated === '' ? [] : [new Step(
                'graduated', "{$graduated} in, lined up with the horizon",
                'By eye, the dark filter out: its edge cannot be seen through one.',
                'the edge cuts through the picture where nobody wanted it',
            )],
            new Step(
                'wipe', 'Wipe the glass, front and back', 'Spray and fingerprints on lens and filters.',
                'every drop becomes a blot of light',
            ),
            new Step(
                'focus', 'Focus, then manual', 'On the subject; then switch to manual, and check it after every filter that screws on.',
                'the autofocus hunts behind the dark filter',
            ),
            new Step(
                'base', 'Base frame, and look at it',
                "{$this->says->base}. Sharp? Highlights: blinking, or zebra at 100? Histogram clear of the right edge?",
                'a wrong reading spoils the whole long frame',
            ),
            ...$turned === '' && $graduated === '' ? [] : [new Step(
                'retake', 'Base frame again, if any glass was changed', 'A turned polariser or a moved edge is another reading.',
                'the reading is not that of the glass that is on',
            )],
            ...$this->off === [] ? [] : [new Step(
                'off', 'Take off: '.implode(' and ', $this->off), 'It was on for the reading, and the time is reckoned without it.',
                'the frame comes out too dark',
            )],
        ];
    }

    /** @return list<Step> what the kit asks for */
    private function ofTheCamera(): array
    {
        $inCamera = $this->noise === NoiseReductionHabit::InCamera;

        return array_values(array_filter([
            $this->camera->opticalFinder ? new Step(
                'eyepiece', 'Cover the eyepiece', 'Tape, the blind or the strap cap.', 'light leaks in and washes out the frame',
            ) : null,
            $this->camera->stabiliser ? new Step(
                'stabiliser', 'Stabiliser off', 'In the body and in the lens: on a tripod it hunts.',
                'the stabiliser blurs what should be sharp',
            ) : null,
            $this->camera->mirror ? new Step(
                'mirror', 'Mirror up, or electronic first curtain', 'Let the shake of the slap die away first.',
                'the slap of the mirror shakes the frame',
            ) : null,
            new Step(
                'noise', $inCamera ? 'Long-exposure noise reduction on' : 'Long-exposure noise reduction off',
                $inCamera ? "The camera is busy for another {$this->says->time} after the frame." : 'You take the noise out later.',
                $inCamera ? 'hot pixels stay in the frame' : 'the camera is busy for as long again, while the light goes',
            ),
            new Step(
                'quality', $this->camera->raw ? 'File: raw' : 'File: largest and finest', 'Fixed white balance.',
                'a cast of the dark filter cannot be taken out',
            ),
        ]));
    }

    /** @return non-empty-list<Step> what is done blind */
    private function behindTheFilter(): array
    {
        $last = $this->names(static fn (Filter $f): bool => ! $f->kind->isTurned() && ! $f->kind->hasEdge());

        return [
            ...$last === '' ? [] : [$this->fit($last)],
            new Step(
                'settings', sprintf('%s, ISO %s, %s', $this->says->aperture, $this->says->iso, $this->bulb ? 'bulb' : $this->says->time),
                $this->says->manual,
                'the exposure is not the one that was worked out',
            ),
            ...($this->sunAwayDeg ?? INF) < self::SHADE_WITHIN_DEG ? [new Step(
                'shade', 'Shade the lens',
                sprintf('The sun is %.0f° from where it points: hood, hat or hand, out of the frame.', $this->sunAwayDeg),
                'flare and veils over the whole frame',
            )] : [],
            new Step(
                'trigger', $this->bulb ? 'Release in hand, locked cable' : 'Two-second delay or release',
                'Let the tripod settle; hands off, out of the wind.', 'the press itself shakes the frame',
            ),
        ];
    }

    private function fit(string $names): Step
    {
        $slotted = array_filter($this->filters->filters, static fn (Filter $f): bool => $f->mount === Mount::Slot) !== [];
        $dark = $this->filters->darkest->value >= self::DARK_STOPS;

        return new Step(
            'filter',
            ($dark ? 'Dark filter last: ' : 'Filter on: ').$names,
            $slotted
                ? 'Darkest in the slot nearest the lens, gasket to the lens, no gap of light.'
                : 'Screw it home gently; check that the focus has not moved.',
            'the frame would be '.number_format($this->filters->darkest->value, 1).' stops too bright',
        );
    }

    /** @param  callable(Filter): bool  $which */
    private function names(callable $which): string
    {
        return implode(' + ', array_map(static fn (Filter $f): string => $f->name, array_filter($this->filters->filters, $which)));
    }
}
