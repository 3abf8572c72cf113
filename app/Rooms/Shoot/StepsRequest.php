<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Models\Frame;
use GentlePour\Outing\Step;
use Illuminate\Foundation\Http\FormRequest;

/** The steps of the run sheet that are ticked. */
final class StepsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['done' => ['array', 'max:30'], 'done.*' => ['string', 'max:30', 'regex:/^[a-z]+$/']];
    }

    /** @return list<string> */
    public function done(Frame $frame): array
    {
        if ($this->boolean('all')) {
            return array_map(static fn (Step $s): string => $s->key, $frame->plan->steps);
        }
        /** @var array<string, list<string>> $valid */
        $valid = $this->validated();

        return array_values(array_unique($valid['done'] ?? []));
    }
}
