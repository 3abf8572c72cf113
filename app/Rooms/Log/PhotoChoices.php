<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Household\Settings;
use App\Household\Subjects;
use DateTimeZone;

/** What the person has chosen of picture files. */
final readonly class PhotoChoices
{
    private const SETTING = 'photos';

    public function __construct(private Settings $settings, private Subjects $subjects)
    {
    }

    /** Whether the file as it came is kept as well; else only a working picture. */
    public function keepsOriginals(): bool
    {
        return ($this->settings->read(self::SETTING)['originals'] ?? true) === true;
    }

    public function keepOriginals(bool $keeps): void
    {
        $this->settings->write(self::SETTING, ['originals' => $keeps] + $this->settings->read(self::SETTING));
    }

    /** Whether a file may be asked where it was taken, to find the place of a frame that nobody planned. */
    public function readsPositions(): bool
    {
        return ($this->settings->read(self::SETTING)['positions'] ?? false) === true;
    }

    public function readPositions(bool $reads): void
    {
        $this->settings->write(self::SETTING, ['positions' => $reads] + $this->settings->read(self::SETTING));
    }

    /** That of a camera whose clock does not say one. */
    public function zone(): DateTimeZone
    {
        return $this->subjects->here()?->zone() ?? new DateTimeZone('UTC');
    }
}
