<?php

declare(strict_types=1);

namespace GentlePour\Practice;

/** What of a question is seen and not read. */
interface Shown
{
}
