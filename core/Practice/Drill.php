<?php

declare(strict_types=1);

namespace GentlePour\Practice;

/** What can be practised. A new drill: a case here, for which each match asks, and a file that makes its questions. */
enum Drill: string
{
    case Stops = 'stops';
    case Time = 'time';
    case Look = 'look';
    case Histogram = 'histogram';
    case Order = 'order';
    case Swell = 'swell';
    case Leave = 'leave';
    case Filter = 'filter';

    public function label(): string
    {
        return match ($this) {
            self::Stops => 'Stops in the head',
            self::Time => 'Which time was it',
            self::Look => 'Which look will it be',
            self::Histogram => 'Read the histogram',
            self::Order => 'The steps in order',
            self::Swell => 'Read the swell',
            self::Leave => 'When to leave',
            self::Filter => 'Choose the filter',
        };
    }

    /** The question that a seed makes. */
    public function question(int $seed): Question
    {
        $chance = new Chance($seed);

        return match ($this) {
            self::Stops => StopsInTheHead::ask($chance),
            self::Time => WhichTime::ask($chance),
            self::Look => WhichLook::ask($chance),
            self::Histogram => ReadHistogram::ask($chance),
            self::Order => StepsInOrder::ask($chance),
            self::Swell => ReadSwell::ask($chance),
            self::Leave => WhenToLeave::ask($chance),
            self::Filter => ChooseFilter::ask($chance),
        };
    }
}
