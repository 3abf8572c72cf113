<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Files\XmpSidecar;
use App\Models\Frame;
use App\Tide\PlaceTide;
use GentlePour\InvalidValue;
use GentlePour\Review\FrameMark;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is known of a frame, as a file to lie beside its original. */
final class SidecarController
{
    /** What may be left out of it. */
    public const PARTS = [
        'title' => 'a title', 'place' => 'the place', 'look' => 'look and water', 'filters' => 'the filters', 'tide' => 'the tide',
    ];

    private const AROUND_S = 3600;

    public function __construct(private readonly PlaceTide $tides)
    {
    }

    public function __invoke(Request $request, Frame $frame): Response
    {
        $frame->load('place', 'subject', 'photo');
        // Without a word all of it; else what is ticked.
        $asked = array_keys(array_filter($request->query(), static fn (mixed $v): bool => $v === '1'));
        $ticked = array_intersect(array_keys(self::PARTS), $asked);
        $with = static fn (string $part): bool => $ticked === [] || in_array($part, $ticked, true);
        $way = $frame->plan->way;
        $photo = $frame->photo;
        $subject = $frame->subject->name ?? $frame->water_kind->label();
        $sidecar = (new XmpSidecar)
            ->text('dc:title', $with('title') ? ucfirst($frame->look->value).', '.$subject : null)
            ->text('dc:description', implode(' ', array_filter([
                $frame->openLabel().', '.$way->apertureLabel.', ISO '.$way->isoLabel.'.',
                $with('filters') ? 'Filters: '.$way->filtersLabel().'.' : null, $with('tide') ? $this->tide($frame) : null, $frame->note,
            ])))
            ->bag('dc:subject', array_values(array_filter([
                ...$with('look') ? [$frame->look->value, $frame->water_kind->label()] : [], ...$with('filters') ? $way->filters : [],
            ])))
            ->bag('dc:coverage', $with('place') && $frame->place !== null ? [$frame->place->name] : [])
            ->say('xmp:Rating', match ($frame->keeper) {
                FrameMark::Keeper => '5',
                FrameMark::Reject => '-1',
                null => null,
            })
            ->say('exif:ExposureTime', XmpSidecar::rational($photo->shutter_s ?? $frame->open_s))
            ->say('exif:FNumber', XmpSidecar::rational($photo->aperture ?? $way->aperture))
            ->sequence('exif:ISOSpeedRatings', [(string) (int) round($photo->iso ?? $way->iso)])
            ->say('exif:DateTimeOriginal', $frame->opened_at?->format('Y-m-d\TH:i:s.vP'));
        $named = $photo === null ? '' : (string) preg_replace('/[^\w.-]+/', '-', pathinfo($photo->name, PATHINFO_FILENAME));
        $name = $named === '' ? "frame-{$frame->id}" : $named;

        return new Response($sidecar->written(), 200, [
            'Content-Type' => 'application/rdf+xml', 'Content-Disposition' => "attachment; filename=\"{$name}.xmp\"",
        ]);
    }

    private function tide(Frame $frame): ?string
    {
        $unix = (float) ($frame->opened_at ?? now())->getTimestamp();
        try {
            $curve = $frame->opened_at === null || $frame->place === null ? null
                : $this->tides->curve($frame->place, $unix - self::AROUND_S, $unix + self::AROUND_S);
        } catch (InvalidValue) {
            return null;
        }
        if ($curve === null) {
            return null;
        }
        $rises = $curve->heightM($unix + 60) > $curve->heightM($unix - 60);

        return sprintf('Tide predicted at %.1f m, %s.', $curve->heightM($unix), $rises ? 'rising' : 'falling');
    }
}
