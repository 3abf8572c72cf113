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

    protected $fillable = ['rows', 'links'];

    protected $casts = ['rows' => 'array', 'links' => 'array', 'created_at' => 'datetime'];
}
