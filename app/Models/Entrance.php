<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A device that came in by the passcode, or an address from which it was tried in vain.
 *
 * @property int $id
 * @property string $came_from an IP address
 * @property string $device phone, tablet or computer, as it says itself
 * @property Carbon|null $came_at null where the passcode was wrong each time
 * @property Carbon $seen_at when it was last here, to ten minutes
 * @property Carbon|null $ended_at
 * @property int $refused how often the passcode was wrong
 */
final class Entrance extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['came_from', 'device', 'came_at', 'seen_at', 'ended_at', 'refused'];

    /** @var array<string, string> */
    protected $casts = ['came_at' => 'datetime', 'seen_at' => 'datetime', 'ended_at' => 'datetime', 'refused' => 'integer'];

    public function isIn(): bool
    {
        return $this->came_at !== null && $this->ended_at === null;
    }
}
