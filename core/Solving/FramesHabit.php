<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** One long frame, or the mean of several short ones. Common practice. */
enum FramesHabit: string
{
    case One = 'one';
    case Mean = 'mean';
}
