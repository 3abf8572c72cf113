<?php

declare(strict_types=1);

namespace App\Devices\Picture;

use GentlePour\Motion\Stage;

/** The baked layers of a stage, in data/stages; how they are packed stands in docs/formats.md. */
final class StageLayers
{
    /** @return array<string, string> file by what it holds */
    public static function files(Stage $stage): array
    {
        $own = ['rock' => "{$stage->value}-rock.jpg", 'water' => "{$stage->value}-water.png"];

        return $own + (
            self::falls($stage) ? ['path' => "{$stage->value}-path.png"] : ['clouds' => 'sky-clouds.png', 'things' => 'things.png']
        );
    }

    public static function falls(Stage $stage): bool
    {
        return match ($stage) {
            Stage::Fall, Stage::Cascade, Stage::Weir => true,
            Stage::Surf, Stage::Sea, Stage::Lake, Stage::Shore, Stage::River, Stage::Rapid => false,
        };
    }

    /** @return array<string, mixed>|null where the camera stands over open water and what stands in it; falling water has none */
    public static function geometry(Stage $stage): ?array
    {
        return self::falls($stage) ? null : (array) json_decode(
            (string) file_get_contents(dirname(__DIR__, 3)."/data/stages/{$stage->value}.json"), true, 8, JSON_THROW_ON_ERROR,
        );
    }
}
