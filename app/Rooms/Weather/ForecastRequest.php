<?php

declare(strict_types=1);

namespace App\Rooms\Weather;

use App\Forms\ReadsTyped;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A forecast that a person pastes or drops. */
final class ForecastRequest extends FormRequest
{
    use ReadsTyped;

    protected $errorBag = 'forecast';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'forecast_file' => ['nullable', 'file', 'max:4096'],
            'forecast_text' => ['required_without:forecast_file', 'nullable', 'string', 'max:400000'],
            'source' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'forecast_text.required_without' => 'Paste the forecast, or choose its file.',
            'forecast_file.max' => 'A forecast is never larger than 4 MB.',
        ];
    }

    /** @return array<string, string> contents by name */
    public function texts(): array
    {
        $file = $this->file('forecast_file');
        $texts = $file instanceof UploadedFile ? [$file->getClientOriginalName() => (string) file_get_contents($file->getPathname())] : [];

        return $this->typed()->has('forecast_text') ? $texts + ['what was pasted' => $this->typed()->text('forecast_text')] : $texts;
    }
}
