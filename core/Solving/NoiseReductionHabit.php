<?php

declare(strict_types=1);

namespace GentlePour\Solving;

/** Dark-frame subtraction in the camera, which keeps it busy for as long again, or afterwards. */
enum NoiseReductionHabit: string
{
    case Later = 'later';
    case InCamera = 'in_camera';
}
