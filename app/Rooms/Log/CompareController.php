<?php

declare(strict_types=1);

namespace App\Rooms\Log;

use App\Files\Photo\MeanPicture;
use App\Files\Photo\PhotoShelf;
use App\Models\Frame;
use App\Models\Photo;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;

/** Frames side by side, one over the other, and blended. */
final class CompareController
{
    public const AT_MOST = 4;

    public function show(Request $request): View|RedirectResponse
    {
        $photos = self::chosen($request, self::AT_MOST);
        if ($photos->count() < 2) {
            return redirect()->route('log')->with('problem', 'Choose two to four frames that have pictures, to lay side by side.');
        }

        return view('log.compare', [
            'photos' => $photos, 'wipe' => $request->query('wipe') === '1' && $photos->count() === 2, 'roles' => BlendRoles::of($photos),
        ]);
    }

    /**
     * The mean of the frames, drawn here.
     *
     * @throws InvalidValue at chosen
     */
    public function mean(Request $request, PhotoShelf $shelf): Response
    {
        $photos = self::chosen($request, MeanPicture::AT_MOST);
        $answer = new Response('', 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-cache']);
        if ($answer->setEtag(hash('sha256', $photos->implode('sha256', ' ')))->isNotModified($request)) {
            return $answer;
        }
        try {
            $mean = MeanPicture::of(array_values($photos->map($shelf->open(...))->all()));
        } catch (InvalidValue $e) {
            throw $e->at('chosen');
        }
        ob_start();
        imagejpeg($mean, null, 90);

        return $answer->setContent((string) ob_get_clean());
    }

    /**
     * A frame by its number; with a b before it, its base.
     *
     * @return Collection<int, Photo> in the order in which they were chosen
     */
    private static function chosen(Request $request, int $most): Collection
    {
        $photos = new Collection;
        foreach (array_slice((array) $request->query('chosen', []), 0, $most) as $one) {
            if (! is_string($one) || preg_match('/^(b?)([1-9]\d{0,14})$/', $one, $m) !== 1) {
                continue;
            }
            $frame = Frame::query()->with('photo', 'basePhoto', 'place', 'subject')->find((int) $m[2]);
            $photo = $m[1] === 'b' ? $frame?->basePhoto : $frame?->photo;
            if ($photo !== null) {
                $photos->push($photo->setRelation('frame', $frame));
            }
        }

        return $photos;
    }
}
