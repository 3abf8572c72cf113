<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Forms\CoreValue;
use App\Forms\ReadsTyped;
use App\Rooms\Bench\CorrectBy;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Motion\Look;
use GentlePour\Review\BlurVerdict;
use GentlePour\Review\NextFrame;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What the person says of a finished frame. */
final class JudgeRequest extends FormRequest
{
    use ReadsTyped;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $most = NextFrame::THIRDS_AT_MOST;

        return [
            'open' => ['bail', 'required', 'string', 'max:40', new CoreValue(ShutterTime::measured(...))],
            'blur' => ['nullable', Rule::enum(BlurVerdict::class)],
            'called' => ['nullable', Rule::enum(Look::class)],
            'exposure_thirds' => ['nullable', 'integer', "between:-{$most},{$most}"],
            'note' => ['nullable', 'string', 'max:2000'],
            'by' => ['nullable', Rule::enum(CorrectBy::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'open.required' => 'How long was the shutter open? Write it like 15 s or 2m05s.',
            'exposure_thirds.*' => 'The exposure is judged in thirds, from −15 to +15.',
            'note.max' => 'A note can have 2000 characters.',
            'blur' => 'Choose one of the three.',
            'called' => 'Choose one of the looks.',
        ];
    }

    public function correctsBy(): CorrectBy
    {
        return $this->typed()->choice('by', CorrectBy::class) ?? CorrectBy::Time;
    }

    public function verdict(): Verdict
    {
        $typed = $this->typed();

        return new Verdict(
            ShutterTime::measured($typed->text('open')),
            $typed->choice('blur', BlurVerdict::class),
            $typed->has('exposure_thirds') ? (int) $typed->text('exposure_thirds') : null,
            $typed->has('note') ? $typed->text('note') : null,
            $typed->choice('called', Look::class),
        );
    }
}
