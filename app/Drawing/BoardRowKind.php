<?php

declare(strict_types=1);

namespace App\Drawing;

/** The rows under a day board's curve. */
enum BoardRowKind: string
{
    case Mark = 'mark';
    case Light = 'light';
    case Hold = 'hold';
    case Outing = 'outing';
    case Schedule = 'schedule';
    case Weather = 'weather';
}
