<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What one press deleted, row by row, so that it can be undone.
 *
 * @property int $id
 * @property list<array{string, array<string, mixed>}> $rows table and columns, parents first
 * @property list<array{string, int, string, int}> $links table, id, column and what stood in it before it was let go
 * @property Carbon $created_at
 */
final class Drop extends Model
{
    public const UPDATED_AT = null;

    /** What it was in the first place: its kind and its name. */
    public function words(): string
    {
        [$table, $row] = $this->rows[0] ?? ['records', []];
        $kind = match ($table) {
            'level_marks' => 'Mark', 'shot_lists' => 'List', 'lenses' => 'Lens', 'settings' => 'Taste',
            default => ucfirst(rtrim($table, 's')),
        };
        $name = $row['name'] ?? $row['title'] ?? null;

        return is_string($name) ? "{$kind} “{$name}”" : ($table === 'frames' ? "{$kind} {$row['id']}" : $kind);
    }

    public function along(): string
    {
        $more = count($this->rows) - 1;

        return $more === 0 ? '' : "and {$more} more with it, ";
    }

    protected $fillable = ['rows', 'links'];

    protected $casts = ['rows' => 'array', 'links' => 'array', 'created_at' => 'datetime'];
}
