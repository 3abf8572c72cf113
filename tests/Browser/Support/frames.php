<?php

declare(strict_types=1);

// Frames as a person plans them on the bench, for the journeys of Shoot.

/** A bulb frame of two to three seconds, or of another time: a camera that times no further than half a second. */
function bulbFrame(object $person, string $target = '2.5'): void
{
    $person->visit('/kit/camera/1')->type('#f-longest_timed', '0.5')->click('.is-go')->seesIn('.said', 'is kept');
    $person->visit('/bench?kind=cascade&measure=speed&speed=4&look=silk&look_was=silk&target='.$target.'&distance=8')
        ->click('.headline .is-go');
    $person->seesIn('[data-under]', 'bulb');
}

/** A frame of half a minute, opened at once. */
function longFrame(object $person): void
{
    bulbFrame($person->onPhone(), '30');
    $person->click('[data-start="0"]')->seesIn('[data-close-words]', 'Close now');
}
