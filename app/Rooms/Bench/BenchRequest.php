<?php

declare(strict_types=1);

namespace App\Rooms\Bench;

use App\Forms\Decimal;
use App\Forms\TakesUnits;
use App\Forms\Typed;
use App\Household\Subjects;
use App\Models\Frame;
use App\Models\Measurement;
use App\Rooms\Kit\KitShelf;
use GentlePour\InvalidValue;
use GentlePour\Unit;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\MessageBag;

/** The bench's fields, from the address or a press of “Shoot this”. */
final class BenchRequest extends FormRequest
{
    use TakesUnits;

    private string $pressedWay = '';

    private string $pressedList = '';

    private ?string $letGo = null;

    private ?string $nearestFocal = null;

    /** @var list<string> fields of one value that were sent as lists */
    private array $lists = [];

    /** What is not given stands as it does at first; on an address that does not say the look, as it stood last. */
    protected function prepareForValidation(): void
    {
        $sent = new Typed([...$this->all()]);
        $this->pressedWay = $sent->text('way');
        $this->pressedList = $sent->text('list');
        $filler = $this->container->make(BenchFiller::class);
        $given = $this->withoutLists(array_intersect_key($this->all(), BenchFields::ALL));
        $given = [...$given, ...$this->inTheirUnits($given)];
        if (($given['look'] ?? null) !== null) {
            $given += BenchFields::TICKED;
        }
        // An address that says the look is a whole bench: what it leaves out stands as it does at first, whatever was kept.
        $kept = ! isset($given['look']) && $this->hasSession() ? (array) $this->session()->get('bench', []) : [];
        $somewhere = array_intersect_key($given + $kept, ['place' => 1, 'subject' => 1]) === [];
        $now = [...$filler->defaults($somewhere), ...$kept, ...array_map(static fn (mixed $v): mixed => $v ?? '', $given)];
        $now = [...$now, ...$this->taken($filler, $sent, $now)];
        $this->replace($this->withItsFocalLength($this->withItsSubject($now)));
    }

    /** @return array<string, mixed> */
    public function rules(KitShelf $shelf): array
    {
        return (new BenchRules(new Typed([...$this->all()]), $shelf))->all();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return BenchRules::MESSAGES;
    }

    /** The fields, read. */
    public function form(): BenchForm
    {
        return $this->refusing(fn (): BenchForm => BenchForm::of($this->fields()));
    }

    /** The bench, worked out. */
    public function bench(Workbench $workbench): Bench
    {
        return $this->refusing(fn (): Bench => $workbench->open($this->form()));
    }

    /** What moves in it alone, without the ways to shoot it. */
    public function moving(Workbench $workbench): Moving
    {
        return $this->refusing(fn (): Moving => $workbench->moving($this->form()));
    }

    /** @return array<string, mixed> the fields, with the shutter time that the meter asks for */
    public function metered(Workbench $workbench): array
    {
        return $this->refusing(function () use ($workbench): array {
            $form = $this->form();

            return ['shutter' => $workbench->metered($form)->label()] + $form->toQuery();
        });
    }

    /** The key of the way whose “Shoot this” was pressed. */
    public function pressedWay(): string
    {
        return $this->pressedWay;
    }

    /** What the button of the list that was pressed says. */
    public function pressedList(): string
    {
        return $this->pressedList;
    }

    /** @return array<string, string|null> what was done to the fields that a person has to know */
    public function notes(): array
    {
        return ['letGo' => $this->letGo, 'nearestFocal' => $this->nearestFocal];
    }

    protected function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            foreach ($this->lists as $field) {
                $validator->errors()->add($field, 'This takes one value, not a list of them.');
            }
        });
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed> with nothing in the fields of one value to which a list was sent
     */
    private function withoutLists(array $given): array
    {
        foreach ($given as $field => $value) {
            if (is_array($value) && ! is_array(BenchFields::ALL[$field])) {
                $this->lists[] = $field;
                $given[$field] = '';
            }
        }

        return $given;
    }

    protected function failedValidation(Validator $validator): never
    {
        throw new BenchRefused($validator->errors(), $this->typed());
    }

    /**
     * What a press elsewhere brings to the bench: a subject, a measurement, the frame before.
     *
     * @param  array<string, mixed>  $now
     * @return array<string, mixed>
     */
    private function taken(BenchFiller $filler, Typed $sent, array $now): array
    {
        $query = new Typed([...$this->query()]);
        $measured = $query->has('measured') ? Measurement::query()->find($query->id('measured')) : null;
        $frame = $this->isMethod('get') && $query->has('next') ? Frame::query()->find($query->id('next')) : null;
        // The choice of a place or subject counts when it was changed; without what it was, it comes from a link.
        $changed = ! $this->has('take_was') || $sent->text('take') !== $sent->text('take_was');
        $at = $this->has('take') && $changed ? $sent->text('take') : null;

        return [
            ...$measured === null ? [] : $filler->ofMeasurement($measured, $now),
            ...$frame === null ? [] : $filler->after($frame, $query->choice('by', CorrectBy::class) ?? CorrectBy::Time),
            ...$at === null ? [] : $filler->at($at),
            ...$this->changedCamera($filler, $sent),
        ];
    }

    /**
     * Another camera brings the lens along that it was last used with, unless a lens was chosen at the same time.
     *
     * @return array<string, string>
     */
    private function changedCamera(BenchFiller $filler, Typed $sent): array
    {
        $changed = $sent->has('camera_was') && $sent->text('camera') !== $sent->text('camera_was');

        return $changed && $sent->text('lens') === $sent->text('lens_was')
            ? $filler->gear($this->container->make(KitShelf::class)->cameras()->find($sent->id('camera'))) : [];
    }

    /**
     * A lens that does not reach the focal length takes its nearest.
     *
     * @param  array<string, mixed>  $now
     * @return array<string, mixed>
     */
    private function withItsFocalLength(array $now): array
    {
        $typed = new Typed($now);
        $lens = $this->container->make(KitShelf::class)->lenses()->find($typed->id('lens'));
        $asked = Unit::read($typed->text('focal'), 'mm');
        if ($lens === null || $asked === null || ! is_finite($asked) || $asked <= 0) {
            return $now;
        }
        $nearest = max($lens->focal_min_mm, min($lens->focal_max_mm, $asked));
        if (abs($nearest - $asked) < 0.01) {
            return $now;
        }
        $this->nearestFocal = sprintf('%s does not reach %s mm; it takes its nearest.', $lens->name, Decimal::write($asked));

        return ['focal' => Decimal::write($nearest)] + $now;
    }

    /**
     * Another water than that of the subject lets go of the subject, not of the place; a subject brings its place along.
     *
     * @param  array<string, mixed>  $now
     * @return array<string, mixed>
     */
    private function withItsSubject(array $now): array
    {
        $typed = new Typed($now);
        $subject = $this->container->make(Subjects::class)->find($typed->id('subject'));
        if ($subject === null) {
            return ['subject' => ''] + $now;
        }
        if ($subject->water_kind->value !== $typed->text('kind')) {
            $this->letGo = $subject->name;

            return ['subject' => '', 'place' => (string) $subject->place_id] + $now;
        }

        return ['place' => (string) $subject->place_id] + $now;
    }

    /** @return array<string, mixed> everything as it was typed */
    private function typed(): array
    {
        return array_intersect_key($this->all(), BenchFields::ALL) + BenchFields::ALL;
    }

    /** @return array<string, mixed> what was found valid, and the rest as it was typed */
    private function fields(): array
    {
        /** @var array<string, mixed> $validated */
        $validated = $this->validated();

        return $validated + $this->typed();
    }

    /**
     * @template T
     *
     * @param  callable(): T  $make
     * @return T
     *
     * @throws BenchRefused when values that are each valid do not go together
     */
    private function refusing(callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $e) {
            $field = array_key_exists($e->field(), BenchFields::ALL) ? $e->field() : 'form';

            throw new BenchRefused(new MessageBag([$field => [$e->getMessage()]]), $this->typed());
        }
    }
}
