<?php

declare(strict_types=1);

namespace App\Rooms\Practice;

use App\Drawing\Histogram;
use App\Drawing\LedgeTide;
use App\Household\Settings;
use App\Rooms\Bench\BenchFields;
use App\Rooms\Kit\KitShelf;
use GentlePour\Practice\Chance;
use GentlePour\Practice\Drill;
use GentlePour\Practice\Record;
use GentlePour\Practice\ShownLevels;
use GentlePour\Practice\ShownSwell;
use GentlePour\Practice\ShownTide;
use GentlePour\Practice\ShownWater;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Short rounds that train the judgement the job lives on: a question, its reason, the next. */
final class PracticeController
{
    private const SETTING = 'practice';

    private const QUESTIONS = 8;

    public function show(Request $request, Settings $settings, KitShelf $shelf): View
    {
        $round = Round::kept($request->session());
        $record = self::record($settings);
        if ($round === null || $round->isOver) {
            return view('practice.start', [
                'record' => $record, 'drills' => Drill::cases(), 'count' => self::QUESTIONS, 'last' => $round,
                'weakest' => self::weakest($record),
            ]);
        }
        // After an answer the question stands until the next is asked for.
        $answered = count($round->given);
        $isReason = $request->session()->get('reason') === $answered && $answered > 0;
        $at = $isReason ? $answered - 1 : $round->at();
        $question = $round->question($at);

        return view('practice.question', [
            'round' => $round, 'at' => $at, 'drill' => $round->drill($at), 'question' => $question, 'answered' => $isReason,
            'given' => $isReason ? $round->given[$at] : null, 'wasRight' => $isReason && $round->right[$at],
            'histogram' => $question->shown instanceof ShownLevels ? Histogram::ofLuminance($question->shown->counts) : null,
            'swell' => $question->shown instanceof ShownSwell ? $question->shown->apartS : null,
            'tide' => $question->shown instanceof ShownTide ? LedgeTide::of($question->shown) : null,
            'scene' => $question->shown instanceof ShownWater ? self::scene($question->shown, $shelf) : null,
            'seconds' => $question->shown instanceof ShownWater ? $question->shown->seconds : null,
        ]);
    }

    public function start(Request $request, Settings $settings, KitShelf $shelf): RedirectResponse
    {
        $request->validate(['drill' => ['nullable', Rule::enum(Drill::class)]], ['drill' => 'There is no such drill.']);
        $only = $request->enum('drill', Drill::class);
        $questions = self::record($settings)->round(new Chance(random_int(1, PHP_INT_MAX)), self::QUESTIONS, $only);
        if ($shelf->cameras()->isEmpty()) {
            // A picture is drawn for a camera: without one another look is asked for instead.
            $questions = array_map(static fn (array $one): array => $one[0] === Drill::Time->value
                ? [Drill::Look->value, $one[1]] : $one, $questions);
        }
        Round::of($questions)->keep($request->session());

        return redirect()->route('practice');
    }

    public function answer(Request $request, Settings $settings): RedirectResponse
    {
        $round = Round::kept($request->session());
        $at = $request->integer('at', -1);
        if ($round === null || $round->isAnswered() || $at !== $round->at()) {
            // Pressed twice, or in another window: what was answered stands.
            return redirect()->route('practice');
        }
        $given = $request->string('answer')->toString();
        $right = $round->question($at)->isRight($given);
        $round->with($given, $right)->keep($request->session());
        $settings->write(self::SETTING, self::record($settings)->with($round->drill($at), $round->seed($at), $right)->toArray());

        return redirect()->route('practice')->with('reason', $at + 1);
    }

    /** On from the reason of the last answer. */
    public function next(Request $request): RedirectResponse
    {
        $round = Round::kept($request->session());
        if ($round !== null && $round->isAnswered()) {
            $round->over()->keep($request->session());
        }

        return redirect()->route('practice');
    }

    private static function record(Settings $settings): Record
    {
        return Record::read($settings->read(self::SETTING));
    }

    /** What goes wrong most often, once there is something to say. */
    private static function weakest(Record $record): ?Drill
    {
        $drills = array_filter(Drill::cases(), static fn (Drill $d): bool => $record->right($d) < $record->asked($d));
        usort($drills, static fn (Drill $a, Drill $b): int => $record->weight($b) <=> $record->weight($a));

        return $drills[0] ?? null;
    }

    private static function scene(ShownWater $water, KitShelf $shelf): string
    {
        $camera = $shelf->cameras()->first();
        $usual = $water->kind->usual();

        return http_build_query([
            'kind' => $water->kind->value, 'measure' => 'speed', 'camera' => (string) $camera?->id,
            'lens' => (string) $shelf->lenses()->first()?->id, 'distance' => (string) $water->distanceM, 'look' => 'silk',
            ...$water->kind->isWaves() ? ['period' => (string) $usual] : [],
        ] + BenchFields::ALL);
    }
}
