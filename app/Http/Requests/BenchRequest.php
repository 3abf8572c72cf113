<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\Bench;
use App\Bench\BenchInputs;
use App\Models\Frame;
use App\Models\Subject;
use App\Rules\CoreValue;
use App\Rules\Quantity;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/** The bench's fields, from the address or a press of “Shoot this”. */
final class BenchRequest extends FormRequest
{
    use ReadsTyped;

    private string $pressedWay = '';

    /** What is not given stands as it stood last, or as it stands at first. */
    protected function prepareForValidation(): void
    {
        $this->pressedWay = $this->typed('way');
        $given = array_intersect_key($this->all(), array_flip(BenchInputs::FIELDS));
        if (($given['look'] ?? null) !== null && ! array_key_exists('on', $given)) {
            $given['on'] = [];
        }
        $frame = $this->isMethod('get') && is_string($this->query('next')) ? Frame::query()->find((int) $this->query('next')) : null;
        $subject = is_string($this->query('take')) ? Subject::query()->find((int) $this->query('take')) : null;
        $this->replace([
            ...BenchInputs::defaults(),
            ...(array) $this->session()->get('bench', []),
            ...array_map(static fn (mixed $v): mixed => $v ?? '', $given),
            ...($frame === null ? [] : BenchInputs::after($frame)),
            ...($subject === null ? [] : BenchInputs::ofSubject($subject)),
        ]);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $kind = WaterKind::tryFrom($this->typed('kind'));
        $waves = $kind?->isWaves() ?? false;
        $by = fn (string $measure): bool => ! $waves && $this->measure($kind) === $measure;
        $needed = static fn (bool $when): array => $when ? ['bail', 'required'] : ['nullable', 'exclude'];

        return [
            'subject' => ['nullable', 'string', 'max:20'],
            'kind' => ['required', Rule::in(array_column(WaterKind::cases(), 'value'))],
            'measure' => ['required', Rule::in(['speed', 'drop', 'float'])],
            'speed' => [...$needed($by('speed')), new Quantity('The speed', 0.01, 60, 'm/s')],
            'drop' => [...$needed($by('drop')), new Quantity('The drop', 0.05, 1000, 'm')],
            'float_m' => [...$needed($by('float')), new Quantity('The float’s distance', 0.1, 1000, 'm')],
            'float_s' => [...$needed($by('float')), new Quantity('The float’s time', 0.1, 3600, 's')],
            'period' => [...$needed($waves), new Quantity('The period', 0.3, 30, 's')],
            'camera' => ['bail', 'required', Rule::exists('cameras', 'id')],
            'lens' => ['bail', 'required', Rule::exists('lenses', 'id')],
            'focal' => ['bail', 'required', new Quantity('The focal length', 2, 2000, 'mm')],
            'distance' => ['bail', 'required', new Quantity('The distance', 0.2, 20000, 'm')],
            'look' => ['required', Rule::in(array_column(Look::cases(), 'value'))],
            'look_was' => ['nullable', 'string', 'max:20'],
            'target' => ['nullable', 'bail', 'string', 'max:40', new CoreValue(ShutterTime::parse(...))],
            'aperture' => ['bail', 'required', 'max:40', new CoreValue(Aperture::parse(...))],
            'shutter' => ['bail', 'required', 'max:40', new CoreValue(ShutterTime::parse(...))],
            'iso' => ['bail', 'required', 'max:40', new CoreValue(Iso::parse(...))],
            'on' => ['array', 'max:60'],
            'on.*' => [Rule::exists('filters', 'id')],
            'bias' => ['nullable', 'bail', new Quantity('The highlight bias', -5, 5, 'stops')],
            'longest' => ['nullable', 'bail', 'string', 'max:40', new CoreValue(ShutterTime::parse(...))],
            'drift' => ['nullable', 'bail', new Quantity('The drift', -3, 3, 'stops a minute')],
            'correction' => ['nullable', 'bail', new Quantity('The correction', -20, 20, 'stops')],
            'after' => ['nullable', 'string', 'max:20'],
            'pick' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'camera.required' => 'Add a camera in Kit first.',
            'lens.required' => 'Add a lens in Kit first.',
            'in' => 'This is not one of the choices.',
            'exists' => 'This is no longer in the kit.',
            'max' => 'This is too long.',
        ];
    }

    /**
     * The bench, worked out.
     *
     * @throws HttpResponseException when values that are each valid do not go together
     */
    public function bench(): Bench
    {
        /** @var array<string, mixed> $validated */
        $validated = $this->validated();
        try {
            return Bench::of($validated + $this->inputs());
        } catch (InvalidValue $e) {
            $field = in_array($e->field(), BenchInputs::FIELDS, true) ? $e->field() : 'form';
            throw $this->refusal(new MessageBag([$field => [$e->getMessage()]]));
        }
    }

    /** @return array<string, mixed> everything as it was typed */
    public function inputs(): array
    {
        return $this->only(BenchInputs::FIELDS);
    }

    /** The way whose “Shoot this” was pressed. */
    public function pressedWay(): string
    {
        return $this->pressedWay;
    }

    protected function failedValidation(Validator $validator): never
    {
        throw $this->refusal($validator->errors());
    }

    /** A refusal shows the fields again with what was typed and the message at each; the last good answer stays in place. */
    private function refusal(MessageBag $errors): HttpResponseException
    {
        $form = Bench::formData($this->inputs());
        $response = $this->hasHeader('HX-Request')
            ? (new Response(view('bench.inputs', $form + ['problems' => $errors])->render(), 422))
                ->header('HX-Retarget', '#bench-inputs')->header('HX-Reswap', 'morph:outerHTML')->header('HX-Push-Url', 'false')
                ->header('HX-Replace-Url', 'false')
            : new Response(view('bench.show', $form + ['problems' => $errors, 'bench' => null])->render(), 422);

        return new HttpResponseException($response);
    }

    /** A drop stands for the speed of falling water only. */
    private function measure(?WaterKind $kind): string
    {
        $measure = $this->typed('measure');

        return $measure === 'drop' && $kind !== null && ! $kind->falls() ? 'speed' : $measure;
    }
}
