<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Forms\Decimal;
use App\Forms\Refusal;
use DateTimeZone;
use GentlePour\InvalidValue;
use GentlePour\Sky\Observer;
use GentlePour\Sky\Skyline;
use GentlePour\Time\Instant;

/** Options of a command, read and refused by name. */
trait ReadsOptions
{
    private function text(string $option): ?string
    {
        $value = $this->option($option);

        return is_string($value) && trim($value) !== '' ? trim($value) : null;
    }

    private function needed(string $option): string
    {
        return $this->text($option) ?? throw InvalidValue::missing("--{$option}")->at($option);
    }

    private function numberOption(string $option): ?float
    {
        $text = $this->text($option);
        if ($text !== null && (preg_match(Decimal::PATTERN, $text) !== 1 || preg_match('/\d/', $text) !== 1)) {
            throw InvalidValue::notNumeric("--{$option}")->at($option);
        }

        return $text === null ? null : Decimal::read($text);
    }

    private function neededNumber(string $option): float
    {
        $this->needed($option);

        return (float) $this->numberOption($option);
    }

    private function observer(): Observer
    {
        try {
            $skyline = $this->hasOption('skyline') ? (string) $this->text('skyline') : '';

            return new Observer(
                $this->neededNumber('lat'), $this->neededNumber('lon'),
                Refusal::at('skyline', static fn (): Skyline => Skyline::parse($skyline)),
            );
        } catch (InvalidValue $e) {
            throw $e->renamed(['latitude' => 'lat', 'longitude' => 'lon']);
        }
    }

    private function zone(): DateTimeZone
    {
        try {
            return Instant::timezone((string) $this->text('tz'));
        } catch (InvalidValue $e) {
            throw $e->at('tz');
        }
    }

    private function instant(string $option, DateTimeZone $zone): float
    {
        try {
            return Instant::parse($this->needed($option), $zone);
        } catch (InvalidValue $e) {
            throw $e->field() === '' ? $e->at($option) : $e;
        }
    }
}
