<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\CoreValue;
use App\Forms\Quantity;
use App\Forms\ReadsTyped;
use App\Models\Camera;
use App\Models\Frame;
use App\Models\Measurement;
use App\Models\Subject;
use GentlePour\Exposure\Aperture;
use GentlePour\Exposure\Iso;
use GentlePour\Exposure\ShutterTime;
use GentlePour\InvalidValue;
use GentlePour\Motion\CloudLook;
use GentlePour\Motion\Look;
use GentlePour\Motion\WaterKind;
use GentlePour\Outing\Support;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\MessageBag;
use Illuminate\Validation\Rule;

/** The bench's fields, from the address or a press of “Shoot this”. */
final class BenchRequest extends FormRequest
{
    use ReadsTyped;

    private string $pressedWay = '';

    private string $list = '';

    /** @var array{each?: int, frames?: int, still?: string} */
    private array $listMore = [];

    /** What is not given stands as it stood last, or as it stands at first. */
    protected function prepareForValidation(): void
    {
        $this->pressedWay = $this->typed('way');
        [$this->list, $detail] = array_pad(explode(':', $this->typed('list'), 2), 2, '');
        $this->listMore = match ($this->list) {
            'time', 'aperture' => ['each' => (int) $detail],
            'average' => $detail === '' ? [] : ['frames' => (int) $detail],
            'freeze' => ['still' => $detail],
            default => [],
        };
        $given = array_intersect_key($this->all(), array_flip(BenchInputs::FIELDS));
        if (($given['look'] ?? null) !== null && ! array_key_exists('on', $given)) {
            $given['on'] = [];
        }
        $frame = $this->isMethod('get') && is_string($this->query('next')) ? Frame::query()->find((int) $this->query('next')) : null;
        $subject = is_string($this->query('take')) ? Subject::query()->find((int) $this->query('take')) : null;
        $measured = is_string($this->query('measured')) ? Measurement::query()->find((int) $this->query('measured')) : null;
        $now = [...BenchInputs::defaults(), ...($this->hasSession() ? (array) $this->session()->get('bench', []) : []), ...array_map(static fn (mixed $v): mixed => $v ?? '', $given)];
        $this->replace([
            ...$now,
            ...($measured === null ? [] : BenchInputs::ofMeasurement($measured, $now)),
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
            'period' => [...($kind === WaterKind::Backwash ? ['nullable', 'bail'] : $needed($waves)), new Quantity('The period', 0.3, 30, 's')],
            ...$this->waterRules($waves),
            ...$this->alsoRules(WaterKind::tryFrom($this->typed('also'))),
            ...$this->skyRules($this->typed('sky')),
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

    /** @return array<string, mixed> */
    private function waterRules(bool $waves): array
    {
        $of = static fn (bool $when): array => $when ? ['nullable', 'bail'] : ['nullable', 'exclude'];

        return [
            'feature' => [...$of(! $waves), new Quantity('The grain of the water', 0.001, 20, 'm')],
            'oblique' => ['nullable', 'bail', new Quantity('The slant of the motion', 0, 85, '°')],
            'height' => [...$of($waves), new Quantity('The wave height', 0.01, 20, 'm')],
            'depth' => [...$of($waves), new Quantity('The depth', 0.01, 11000, 'm')],
            'chop_period' => [...$of($waves), 'required_with:chop_height', new Quantity('The chop’s period', 0.3, 30, 's')],
            'chop_height' => [...$of($waves), 'required_with:chop_period', new Quantity('The chop’s height', 0.01, 20, 'm')],
            'rhythm' => ['nullable', 'string', 'max:20'],
            'sharp_near' => ['nullable', 'required_with:sharp_far', 'bail', new Quantity('The near distance', 0.1, 10000, 'm')],
            'sharp_far' => ['nullable', 'bail', new Quantity('The far distance', 0.1, 100000, 'm')],
            'earlier_shutter' => ['nullable', 'bail', 'string', 'max:40', new CoreValue(ShutterTime::parse(...))],
            'earlier_minutes' => ['nullable', 'bail', new Quantity('The time between the readings', 0.5, 120, 'min')],
            'wind' => ['nullable', 'bail', new Quantity('The wind', 0, 60, 'm/s')],
            'support' => ['nullable', Rule::in(array_column(Support::cases(), 'value'))],
        ];
    }

    /** @return array<string, mixed> */
    private function alsoRules(?WaterKind $also): array
    {
        $needed = static fn (bool $when): array => $when ? ['bail', 'required'] : ['nullable', 'exclude'];

        return [
            'also' => ['nullable', Rule::in(array_column(WaterKind::cases(), 'value'))],
            'also_speed' => [...$needed($also !== null && ! $also->isWaves()), new Quantity('The speed', 0.01, 60, 'm/s')],
            'also_period' => [...$needed($also?->isWaves() ?? false), new Quantity('The period', 0.3, 30, 's')],
            'also_distance' => [...($also === null ? ['nullable', 'exclude'] : ['nullable', 'bail']), new Quantity('The distance', 0.2, 20000, 'm')],
            'also_look' => [...$needed($also !== null), Rule::in(array_column(Look::cases(), 'value'))],
        ];
    }

    /** @return array<string, mixed> */
    private function skyRules(string $sky): array
    {
        $needed = static fn (bool $when): array => $when ? ['bail', 'required'] : ['nullable', 'exclude'];

        return [
            'sky' => ['nullable', Rule::in(['wind', 'crossing'])],
            'cloud_speed' => [...$needed($sky === 'wind'), new Quantity('The wind at the clouds', 0.1, 120, 'm/s')],
            'cloud_base' => [...$needed($sky === 'wind'), new Quantity('The height of the clouds', 50, 16000, 'm')],
            'cloud_elevation' => [...$needed($sky === 'wind'), new Quantity('The elevation', 1, 90, '°')],
            'cloud_across' => [...$needed($sky === 'wind'), Rule::in(array_keys(Moving::ACROSS))],
            'cloud_share' => [...$needed($sky === 'crossing'), new Quantity('The share of the frame', 0.5, 100, '%')],
            'cloud_s' => [...$needed($sky === 'crossing'), new Quantity('The time of the crossing', 0.5, 7200, 's')],
            'cloud_look' => [...($sky === '' ? ['nullable', 'exclude'] : ['nullable', 'bail']), Rule::in(array_column(CloudLook::cases(), 'value'))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'required_with' => 'The chop needs both its period and its height.',
            'sharp_near.required_with' => 'Sharp from where?',
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

    /**
     * What moves in it alone, without the ways to shoot it.
     *
     * @throws HttpResponseException when values that are each valid do not go together
     */
    public function moving(): Moving
    {
        /** @var array<string, mixed> $validated */
        $validated = $this->validated();
        $inputs = $validated + $this->inputs();
        try {
            return Moving::of($inputs, Camera::query()->findOrFail((int) (is_scalar($inputs['camera'] ?? null) ? $inputs['camera'] : 0)));
        } catch (InvalidValue $e) {
            throw $this->refusal(new MessageBag(['form' => [$e->getMessage()]]));
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

    /** The kind of list whose button was pressed. */
    public function list(): string
    {
        return $this->list;
    }

    /** @return array{each?: int, frames?: int, still?: string} what the button says of it besides */
    public function listMore(): array
    {
        return $this->listMore;
    }

    protected function failedValidation(Validator $validator): never
    {
        throw $this->refusal($validator->errors());
    }

    /** A refusal shows the fields again with what was typed and the message at each; the last good answer stays in place. */
    private function refusal(MessageBag $errors): HttpResponseException
    {
        if ($this->expectsJson()) {
            return new HttpResponseException(new JsonResponse(['errors' => $errors->toArray()], 422));
        }
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
