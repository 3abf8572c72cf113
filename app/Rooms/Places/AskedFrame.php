<?php

declare(strict_types=1);

namespace App\Rooms\Places;

use App\Forms\Typed;
use Illuminate\Support\MessageBag;

/** A lens as it was asked for, field by field: what could be read, what was typed, and what is wrong with it. */
final readonly class AskedFrame
{
    public function __construct(private Typed $typed, public MessageBag $problems)
    {
    }

    public static function none(): self
    {
        return new self(new Typed([]), new MessageBag);
    }

    /** Null where nothing was typed, or nothing that can be read. */
    public function number(string $field): ?float
    {
        return $this->problems->has($field) ? null : $this->typed->number($field);
    }

    public function text(string $field, string $default): string
    {
        return $this->typed->text($field, $default);
    }

    /** The skyline that is tried before it is kept, as it was typed: empty for an open one, null where none is. */
    public function tried(): ?string
    {
        return $this->typed->isThere('skyline') ? $this->typed->text('skyline') : null;
    }

    /** The same where it can be read. */
    public function skyline(): ?string
    {
        return $this->problems->has('skyline') ? null : $this->tried();
    }

    public function isUpright(): bool
    {
        return $this->typed->flag('upright');
    }
}
