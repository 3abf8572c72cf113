<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Forms\CoreValue;
use GentlePour\Photo\Area;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Areas of a picture as they were drawn or typed, and what it is set against. */
final class AreasRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $area = ['bail', 'nullable', 'string', 'max:80', new CoreValue(Area::parse(...))];

        return ['water_area' => $area, 'still_area' => $area, 'base' => ['bail', 'nullable', 'integer', Rule::exists('photos', 'id')]];
    }

    /** @return array<string, mixed> */
    public function areas(): array
    {
        $area = function (string $name): ?array {
            $typed = $this->string($name)->trim()->toString();

            return $typed === '' ? null : Area::parse($typed)->toArray();
        };

        return [
            'water_area' => $area('water_area'), 'still_area' => $area('still_area'),
            ...$this->has('base') ? ['base_id' => $this->filled('base') ? $this->integer('base') : null] : [],
        ];
    }
}
