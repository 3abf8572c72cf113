<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Files\JournalEntry;
use App\Forms\Decimal;
use App\Models\Camera;
use App\Models\Filter;
use App\Models\Frame;
use App\Models\Lens;
use App\Models\Subject;
use App\Rooms\Bench\BenchFields;
use App\Rooms\Bench\BenchFiller;
use App\Rooms\Bench\BenchForm;
use App\Rooms\Bench\Workbench;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Log\JudgeFrame;
use App\Rooms\Log\Verdict;
use App\Rooms\Shoot\PlanFrame;
use GentlePour\Documents\Fields;
use GentlePour\Exposure\ShutterTime;
use GentlePour\Exposure\SteppedLight;
use GentlePour\InvalidValue;
use GentlePour\Kit\FilterStack;
use GentlePour\Motion\Look;
use GentlePour\Outing\Step;
use GentlePour\Review\BlurVerdict;
use GentlePour\Solving\Pins;
use GentlePour\Solving\Strip;
use GentlePour\Solving\Way;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** Makes a frame of the log of one that was planned, opened and judged with a field file, as if it had been planned on the bench. */
final readonly class TakeFrame
{
    /** A time that the arithmetic puts further than so many stops from the one that was open is that of another light, or another kit. */
    private const OTHER_STOPS = 1.0;

    public function __construct(private Workbench $workbench, private KitShelf $shelf, private JudgeFrame $judge)
    {
    }

    /** @throws InvalidValue when its camera or lens is gone, or something in it cannot be */
    public function __invoke(JournalEntry $entry): Frame
    {
        $in = $entry->fields;
        $gear = $in->child('gear');
        $camera = Camera::query()->where('uid', $gear->text('camera'))->first()
            ?? throw new InvalidValue('its camera is no longer in the kit.');
        $lens = Lens::query()->where('uid', $gear->text('lens'))->first()
            ?? throw new InvalidValue('its lens is no longer in the kit.');
        $way = $in->child('way');
        $bench = $this->workbench->open(BenchForm::of([
            ...$this->water($in->child('water'), $camera, $gear->number('focal_mm')), ...self::reading($in->child('reading')),
            'camera' => (string) $camera->id, 'lens' => (string) $lens->id, 'target' => $way->text('shutter'),
            'look' => $in->choice('look', Look::class)->value, 'look_was' => $in->choice('look', Look::class)->value,
        ]));
        $asked = array_map(static fn (Fields $one): string => $one->text('name'), $way->children('filters'));
        $filters = $this->filters($way);
        $stack = FilterStack::of(array_values($filters->map(static fn (Filter $f) => $f->toKit())->all()));
        [$aperture, $iso] = [$way->aperture('aperture'), $way->iso('iso')];
        $shutter = ShutterTime::ofSeconds($way->number('shutter_s'));
        $mark = $filters->count() === count($asked) && ! $stack->isVariable()
            ? Strip::through($bench->question->pinning(new Pins(aperture: $aperture, iso: $iso)), [$stack])[0] ?? null : null;
        $exact = $mark !== null && abs($mark->exact->stopsFrom($shutter)->value) < self::OTHER_STOPS ? $mark->exact : $shutter;
        $frame = PlanFrame::draft($bench, new Way(
            $exact, $shutter, $aperture, $iso, $stack, $stack->darkest, $way->flagOr('bulb', false),
            $bench->question->bag->camera->longestTimed, [], [],
        ));
        $frame->setAttribute('uid', $entry->key);
        $this->keep($frame, $entry, array_values(array_diff($asked, $filters->pluck('name')->all())));

        return $frame;
    }

    /** What was said of it on the phone, where nothing has been said here. @return bool whether something was */
    public function judge(Frame $frame, JournalEntry $entry): bool
    {
        $in = $entry->fields;
        $said = $in->has('blur') || $in->has('exposure_thirds') || $in->has('note');
        if (! $said || $frame->judged_at !== null || $frame->exposure_thirds !== null) {
            return false;
        }
        ($this->judge)($frame, new Verdict(
            ShutterTime::ofSeconds($in->number('open_s')), $in->has('blur') ? $in->choice('blur', BlurVerdict::class) : null,
            $in->has('exposure_thirds') ? $in->whole('exposure_thirds') : null, $in->has('note') ? $in->text('note') : $frame->note,
            $frame->called,
        ));

        return true;
    }

    /** @param  list<string>  $gone  names of filters that are no longer in the kit */
    private function keep(Frame $frame, JournalEntry $entry, array $gone): void
    {
        $in = $entry->fields;
        $light = SteppedLight::read($in->textOr('light', ''));
        $steps = array_map(static fn (Step $step): string => $step->key, $frame->plan->steps);
        $frame->fill([
            'opened_at' => Carbon::createFromTimestampMs($entry->atMs, 'UTC'), 'open_s' => $in->number('open_s'),
            'light_changes' => $light->changes === [] ? null : $light->written(),
            'steps_done' => array_values(array_intersect($steps, $in->has('steps') ? $in->texts('steps') : [])),
        ]);
        if ($gone !== []) {
            $frame->note = 'With '.implode(' and ', $gone).', no longer in the kit.';
        }
        $frame->save();
        $this->judge($frame, $entry);
    }

    /** @return array<string, string> */
    private static function reading(Fields $in): array
    {
        return [
            'aperture' => $in->text('aperture'), 'shutter' => $in->text('shutter'), 'iso' => $in->text('iso'),
            'bias' => Decimal::write($in->numberOr('bias_thirds', 0.0) / 3, 2),
        ];
    }

    /** @return array<string, mixed> the fields of the bench */
    private function water(Fields $in, Camera $camera, float $focalMm): array
    {
        $subject = $in->has('subject') ? Subject::query()->where('uid', $in->text('subject'))->first() : null;
        $number = static fn (string $name): string => $in->has($name) ? Decimal::write($in->number($name), 3) : '';
        $focal = ['focal' => Decimal::write($focalMm)];
        if ($subject !== null) {
            return [...BenchFields::ALL, ...$focal, ...BenchFiller::ofSubject($subject)];
        }
        $width = $in->numberOr('width_m', 10.0);

        return [
            ...BenchFields::ALL, ...$focal, 'kind' => $in->text('kind'), 'measure' => 'speed', 'speed' => $number('speed_m_s'),
            'period' => $number('period_s'), 'height' => $number('height_m'),
            'distance' => Decimal::write(max(0.2, $width * $focalMm / $camera->sensor_width_mm), 2),
        ];
    }

    /** @return Collection<int, Filter> by the name that a filter has for life, else by the one that it is called */
    private function filters(Fields $way): Collection
    {
        $found = new Collection;
        foreach ($way->children('filters') as $one) {
            $filter = $one->has('uid') ? $this->shelf->filters()->firstWhere('uid', $one->text('uid')) : null;
            $filter ??= $this->shelf->filters()->firstWhere('name', $one->text('name'));
            $filter === null || $found->push($filter);
        }

        return $found;
    }
}
