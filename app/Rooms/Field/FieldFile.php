<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Household\Built;
use App\Household\Subjects;
use App\Household\Theme;
use App\Models\Camera;
use App\Models\Lens;
use App\Models\LevelMark;
use App\Models\Outing;
use App\Rooms\Kit\KitShelf;
use App\Rooms\Kit\PocketCards;
use App\Rooms\Outings\NoticeWords;
use App\Rooms\Outings\OutingPlans;
use App\Rooms\Outings\PackingList;
use GentlePour\InvalidValue;
use GentlePour\Outing\Cautions;
use GentlePour\Review\BlurVerdict;
use GentlePour\Sky\SkyEvent;
use Illuminate\Support\Str;

/** One page that holds everything for the water's edge in itself: it is opened from a phone's own storage, and asks nobody. */
final readonly class FieldFile
{
    public function __construct(
        private FieldContents $contents, private FieldDays $days, private OutingPlans $plans, private PackingList $packing,
        private PocketCards $cards, private KitShelf $shelf, private Subjects $subjects, private Built $built,
    ) {
    }

    /**
     * @param  int  $outing  nought, or of one that is gone, for none
     * @return array{Camera, Lens, Outing|null} those that were chosen, else the first
     */
    public function asked(int $camera, int $lens, int $outing): array
    {
        return [$this->cards->camera($camera), $this->cards->lens($lens), Outing::query()->find($outing)];
    }

    /**
     * @param  string  $home  the address to which what was done goes
     *
     * @throws InvalidValue when the tide of the outing's place cannot be had
     */
    public function write(Camera $camera, Lens $lens, ?Outing $outing, string $home): WrittenFile
    {
        $plan = $outing === null ? null : $this->plans->of($outing);
        $place = $plan?->outing->place;
        [$css, $js] = [$this->built->contents('field.css'), $this->built->contents('field.js')];
        $policy = "default-src 'none'; script-src '".self::hash($js)."'; style-src '".self::hash($css)."'; "
            ."font-src data:; img-src data: blob:; connect-src 'self'; form-action 'self'; base-uri 'none'";
        $data = json_encode(
            $this->contents->of($camera, $lens, $plan, $home) + [
                'readings' => $plan?->board->readings ?? [],
                'marks' => array_values($place?->marks->map(
                    static fn (LevelMark $m): array => ['uid' => $m->getAttribute('uid'), 'name' => $m->name],
                )->all() ?? []),
            ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
        $html = view('field.file', [
            'plan' => $plan, 'outing' => $outing, 'place' => $place, 'camera' => $camera, 'lens' => $lens,
            'packing' => $plan === null ? [] : $this->packing->of($plan->packing), 'notice' => $plan === null ? '' : NoticeWords::of($plan),
            'days' => $plan === null ? [] : $this->days->of($plan->outing->place, $plan->at($plan->schedule->from)),
            'card' => $this->cards->card($camera, $lens, true, false), 'events' => SkyEvent::cases(),
            'edges' => array_map(Cautions::atTheEdgeOf(...), $place?->load('subjects')->waters() ?? $this->subjects->waters()),
            'css' => $css, 'js' => $js, 'policy' => $policy, 'data' => base64_encode((string) gzencode($data, 9)),
            'ofATide' => Cautions::OF_A_TIDE, 'leftOut' => Cautions::LEFT_OUT, 'tell' => Cautions::TELL,
            'whoDecides' => Cautions::WHO_DECIDES,
            'lights' => Theme::cases(), 'verdicts' => BlurVerdict::cases(), 'release' => $this->shelf->carry()->release,
        ])->render();

        return new WrittenFile(self::named($outing), $html, $policy);
    }

    private static function named(?Outing $outing): string
    {
        if ($outing === null) {
            return 'field-bag.html';
        }
        $day = $outing->starts_at->setTimezone($outing->place->timezone)->format('Y-m-d');

        return 'field-'.Str::slug($outing->place->name)."-{$day}.html";
    }

    private static function hash(string $contents): string
    {
        return 'sha256-'.base64_encode(hash('sha256', $contents, true));
    }
}
