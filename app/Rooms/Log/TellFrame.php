<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Models\Filter;
use App\Models\Frame;
use App\Models\Subject;
use GentlePour\InvalidValue;

/** Works out anew what led to a frame that came as a file, once the person has said what it shows and through which glass. */
final readonly class TellFrame
{
    public function __construct(private FoundFrame $found)
    {
    }

    /**
     * @param  list<Filter>  $on
     *
     * @throws InvalidValue at on, when the frame was planned, or what is said of it cannot be
     */
    public function __invoke(Frame $frame, ?Subject $subject, array $on): void
    {
        $photo = $frame->photo;
        $told = $photo === null || $frame->opened_at === null || ! $frame->by_file
            ? null : $this->found->with($photo->settings(), $frame->opened_at, $subject, $on);
        if ($told === null) {
            throw (new InvalidValue('With this water and this glass the frame cannot be worked out.'))->at('on');
        }
        foreach (['place_id', 'subject_id', 'water_kind', 'look', 'inputs', 'plan', 'middle_s', 'exact_s', 'planned_s'] as $column) {
            $frame->setAttribute($column, $told->getAttribute($column));
        }
        $frame->save();
    }
}
