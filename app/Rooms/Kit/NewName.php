<?php

declare(strict_types=1);

namespace App\Rooms\Kit;

use Closure;
use GentlePour\Kit\Bag;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Facades\DB;

/** A name that no other piece of its kind has, told apart as the core does. */
final readonly class NewName implements ValidationRule
{
    /** @param  string|null  $own  the piece whose name it may be, if it is kept already */
    public function __construct(private KitPiece $piece, private ?string $own = null)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $others = DB::table($this->piece->table())->when($this->own !== null, fn ($q) => $q->where('id', '!=', $this->own))->pluck('name');
        $asked = is_string($value) ? Bag::plainName($value) : '';
        if ($others->contains(static fn (mixed $name): bool => is_string($name) && Bag::plainName($name) === $asked)) {
            $fail('There is one of that name already.');
        }
    }
}
