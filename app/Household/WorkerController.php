<?php

declare(strict_types=1);

namespace App\Household;

use Illuminate\Http\Response;

/** The script that keeps pages on a device: from the root, so that it may answer for all of them, and of the version that was built. */
final class WorkerController
{
    /** What every page needs. */
    private const FIRST = ['app.css', 'plain.js', 'page.js', 'shoot.js', 'b612-400.woff2', 'b612-700.woff2'];

    public function __invoke(Built $built): Response
    {
        $script = (string) file_get_contents(public_path(ltrim($built->url('worker.js'), '/')));
        $first = json_encode(array_map($built->url(...), self::FIRST), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);

        return new Response(strtr($script, ['GENTLE-POUR-VERSION' => $built->version(), '"GENTLE-POUR-FIRST"' => $first]), 200, [
            'Content-Type' => 'text/javascript; charset=utf-8', 'Cache-Control' => 'no-cache',
        ]);
    }
}
