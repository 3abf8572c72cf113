<?php

declare(strict_types=1);

namespace App\Rooms\Shoot;

use App\Forms\Refusal;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\SteppedLight;
use GentlePour\InvalidValue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

/** When the shutter opened, in ms since 1970, for how long it truly was open, in s, and how the light changed meanwhile. */
final class OpenedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'opened_at_ms' => ['nullable', 'integer', 'between:946684800000,4102444800000'],
            'light' => ['nullable', 'string', 'max:2000'],
            'open_s' => ['required', 'numeric', 'between:0.0001,'.ShutterTime::LONGEST_S],
        ];
    }

    /** Where no script kept the time, it closed just now. */
    public function openedAt(): Carbon
    {
        return $this->filled('opened_at_ms')
            ? Carbon::createFromTimestampMs($this->integer('opened_at_ms'), 'UTC')
            : Carbon::now('UTC')->subSeconds($this->openSeconds());
    }

    /** @throws InvalidValue at the field */
    public function light(): SteppedLight
    {
        return Refusal::at('light', fn (): SteppedLight => SteppedLight::read($this->string('light')->toString()));
    }

    public function openSeconds(): float
    {
        return $this->float('open_s');
    }
}
