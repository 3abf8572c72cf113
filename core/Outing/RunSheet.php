<?php

declare(strict_types=1);

namespace GentlePour\Outing;

use GentlePour\Exposure\Exposure;
use GentlePour\Kit\Filter;
use GentlePour\Kit\FilterStack;
use GentlePour\Kit\Mount;

/**
 * The order of one long frame. Everything that needs an eye or the autofocus comes before the dark filter, because nothing
 * can be seen after it; the polariser is turned first, the dark filter goes on last, gasket to the lens. Common practice.
 */
final class RunSheet
{
    /** From here on a filter is too dark to compose and focus through, in stops. Common practice. */
    private const DARK_STOPS = 4.0;

    /**
     * @param  Exposure  $reading  the base frame's settings
     * @param  string  $shutterLabel  as set or counted
     * @param  list<string>  $off  names of filters that were on for the reading and come off
     * @return non-empty-list<Step>
     */
    public static function of(
        Exposure $reading, Exposure $long, FilterStack $filters, string $shutterLabel, bool $bulb, array $off = [],
    ): array {
        $turned = self::names($filters, static fn (Filter $f): bool => $f->kind->isTurned());
        $others = self::names($filters, static fn (Filter $f): bool => ! $f->kind->isTurned());

        return [
            new Step(
                'compose', 'Compose and level', 'Feet firm, column down, strap tied. Nothing can be framed once the filter is on.',
                'the frame may be off and the horizon tilted',
            ),
            ...$turned === '' ? [] : [self::turn($turned)],
            new Step('base', 'Base frame, and look at it', sprintf(
                '%s, %s, ISO %s. Sharp? Histogram clear of the right edge in the white water?',
                $reading->shutter->label(), $reading->aperture->label(), $reading->iso->label(),
            ), 'a wrong reading spoils the whole long frame'),
            new Step(
                'focus', 'Focus, then manual', 'Focus on the subject and switch the lens to manual, so that it stays.',
                'the autofocus hunts behind the dark filter',
            ),
            new Step(
                'stabiliser', 'Stabiliser off', 'On a tripod it hunts and blurs the frame.', 'the stabiliser blurs what should be sharp',
            ),
            new Step(
                'eyepiece', 'Cover the eyepiece', 'Tape, the blind or the strap cap.', 'light leaks in and washes out the frame',
            ),
            ...$off === [] ? [] : [new Step(
                'off', 'Take off: '.implode(' and ', $off), 'It was on for the reading, and the time is reckoned without it.',
                'the frame comes out too dark',
            )],
            ...$others === '' ? [] : [self::fit($others, $filters)],
            new Step(
                'settings',
                sprintf('%s, %s, ISO %s', $bulb ? 'Bulb' : $shutterLabel, $long->aperture->label(), $long->iso->label()),
                $bulb ? "Set to bulb; it stays open for {$shutterLabel}." : 'Manual exposure, raw, fixed white balance.',
                'the exposure is not the one that was worked out',
            ),
            new Step(
                'trigger', $bulb ? 'Release in hand, locked cable' : 'Two-second delay or release',
                'Let the tripod settle; hands off, out of the wind.', 'the press itself shakes the frame',
            ),
        ];
    }

    private static function turn(string $names): Step
    {
        return new Step(
            'polariser', "Turn the {$names}", 'By eye, until the glare on wet rock is where you want it.',
            'the glare stays, and the reading is off by up to two stops',
        );
    }

    private static function fit(string $names, FilterStack $filters): Step
    {
        $slotted = array_filter($filters->filters, static fn (Filter $f): bool => $f->mount === Mount::Slot) !== [];
        $dark = $filters->darkest->value >= self::DARK_STOPS;

        return new Step(
            'filter',
            ($dark ? 'Dark filter last: ' : 'Filter on: ').$names,
            $slotted
                ? 'Darkest in the slot nearest the lens, gasket to the lens, no gap of light.'
                : 'Screw it home gently; do not touch the focus ring.',
            'the frame would be '.number_format($filters->darkest->value, 1).' stops too bright',
        );
    }

    /** @param  callable(Filter): bool  $which */
    private static function names(FilterStack $filters, callable $which): string
    {
        return implode(' + ', array_map(static fn (Filter $f): string => $f->name, array_filter($filters->filters, $which)));
    }
}
