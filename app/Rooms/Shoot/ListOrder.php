<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use GentlePour\InvalidValue;
use GentlePour\Motion\MovingSubject;
use GentlePour\Solving\BracketStep;
use GentlePour\Solving\ListKind;

/** A list of frames as the button that asks for it says: “ladder”, “time:2:third”, “freeze:bird”. */
final readonly class ListOrder
{
    /**
     * @param  int  $each  steps either way, of a bracket
     * @param  int|null  $frames  to average; as many as it takes where it is not said
     * @param  MovingSubject|null  $still  what a companion holds still
     */
    public function __construct(
        public ListKind $kind,
        public int $each = 1,
        public ?int $frames = null,
        public ?MovingSubject $still = null,
        public BracketStep $step = BracketStep::Full,
    ) {
    }

    /** @throws InvalidValue when there is no such list */
    public static function read(string $pressed): self
    {
        [$name, $detail, $step] = array_pad(explode(':', $pressed, 3), 3, '');
        $kind = ListKind::tryFrom($name) ?? throw InvalidValue::notOneOf('The list', $name, array_column(ListKind::cases(), 'value'));

        return match ($kind) {
            ListKind::Time, ListKind::Aperture, ListKind::Base => new self($kind, (int) $detail, step: self::step($step)),
            ListKind::Average => new self($kind, frames: $detail === '' ? null : (int) $detail),
            ListKind::Freeze => new self($kind, still: MovingSubject::tryFrom($detail)
                ?? throw InvalidValue::notOneOf('What to hold still', $detail, array_column(MovingSubject::cases(), 'value'))),
            ListKind::Ladder, ListKind::Blend, ListKind::Polariser, ListKind::Dark => new self($kind),
        };
    }

    /** @throws InvalidValue when there is no such step */
    private static function step(string $named): BracketStep
    {
        return $named === '' ? BracketStep::Full : BracketStep::tryFrom($named)
            ?? throw InvalidValue::notOneOf('The step', $named, array_column(BracketStep::cases(), 'value'));
    }
}
