<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Household\OwnHost;
use App\Models\Camera;
use App\Models\Lens;
use App\Models\Outing;
use App\Rooms\Kit\KitShelf;
use GentlePour\InvalidValue;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** “Take it with you”: what goes into a field file, and the file itself. */
final class FieldController
{
    public function show(Request $request, FieldFile $file, KitShelf $shelf): View
    {
        [$camera, $lens, $outing] = self::asked($request, $file);
        $query = array_filter(['camera' => $camera->id, 'lens' => $lens->id, 'outing' => $outing?->id]);

        return view('field.show', [
            'camera' => $camera, 'lens' => $lens, 'outing' => $outing, 'cameras' => $shelf->cameras(), 'lenses' => $shelf->lenses(),
            'outings' => Outing::query()->with('place')->where('ends_at', '>', now()->subDay())->oldest('starts_at')->limit(30)->get(),
            'opens' => route('field.file', $query), 'saves' => route('field.file', [...$query, 'save' => 1]),
            'weighs' => route('field.weight', $query),
            'isLoopback' => OwnHost::isLoopback($request->getHost()), 'isSecure' => $request->secure(),
        ]);
    }

    /** Works it out, which takes a few seconds the first time, and says how large it is; or why it cannot be had. */
    public function weight(Request $request, FieldFile $file): Response
    {
        [$camera, $lens, $outing] = self::asked($request, $file);
        try {
            return new Response(ceil(strlen($file->write($camera, $lens, $outing, '')->html) / 1000).' kB');
        } catch (InvalidValue $e) {
            return new Response(e($e->getMessage()));
        }
    }

    public function file(Request $request, FieldFile $file): Response
    {
        [$camera, $lens, $outing] = self::asked($request, $file);
        $written = $file->write($camera, $lens, $outing, route('field.home'));

        return new Response($written->html, 200, [
            'Content-Type' => 'text/html; charset=utf-8', 'Content-Security-Policy' => $written->policy."; frame-ancestors 'none'",
            ...$request->boolean('save') ? ['Content-Disposition' => 'attachment; filename="'.$written->name.'"'] : [],
        ]);
    }

    /** @return array{Camera, Lens, Outing|null} */
    private static function asked(Request $request, FieldFile $file): array
    {
        return $file->asked($request->integer('camera'), $request->integer('lens'), $request->integer('outing'));
    }
}
