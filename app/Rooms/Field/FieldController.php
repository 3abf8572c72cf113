<?php

declare(strict_types=1);

namespace App\Rooms\Field;

use App\Household\OwnHost;
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
        [$camera, $lens, $outing] = $file->asked($request->integer('camera'), $request->integer('lens'), $request->integer('outing'));
        $written = $problem = null;
        try {
            $written = $file->write($camera, $lens, $outing, route('field.home'));
        } catch (InvalidValue $e) {
            $problem = $e->getMessage();
        }
        $query = array_filter(['camera' => $camera->id, 'lens' => $lens->id, 'outing' => $outing?->id]);

        return view('field.show', [
            'camera' => $camera, 'lens' => $lens, 'outing' => $outing, 'cameras' => $shelf->cameras(), 'lenses' => $shelf->lenses(),
            'outings' => Outing::query()->with('place')->where('ends_at', '>', now()->subDay())->oldest('starts_at')->limit(30)->get(),
            'opens' => route('field.file', $query), 'saves' => route('field.file', [...$query, 'save' => 1]),
            'problem' => $problem, 'kilobytes' => (int) ceil(strlen($written->html ?? '') / 1000),
            'isLoopback' => OwnHost::isLoopback($request->getHost()), 'isSecure' => $request->secure(),
        ]);
    }

    public function file(Request $request, FieldFile $file): Response
    {
        [$camera, $lens, $outing] = $file->asked($request->integer('camera'), $request->integer('lens'), $request->integer('outing'));
        $written = $file->write($camera, $lens, $outing, route('field.home'));

        return new Response($written->html, 200, [
            'Content-Type' => 'text/html; charset=utf-8', 'Content-Security-Policy' => $written->policy."; frame-ancestors 'none'",
            ...$request->boolean('save') ? ['Content-Disposition' => 'attachment; filename="'.$written->name.'"'] : [],
        ]);
    }
}
