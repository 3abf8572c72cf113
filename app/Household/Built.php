<?php

declare(strict_types=1);

namespace App\Household;

/** The addresses of what was built into public/build: each file's name changes with its contents, so that it may be kept for ever. */
final class Built
{
    /** @var array<string, string>|null */
    private ?array $files = null;

    public function url(string $name): string
    {
        $this->files ??= self::read();

        return '/build/'.($this->files[$name] ?? $name);
    }

    public function contents(string $name): string
    {
        return (string) file_get_contents(public_path(ltrim($this->url($name), '/')));
    }

    /** Another one whenever anything that was built is. */
    public function version(): string
    {
        $this->files ??= self::read();

        return substr(hash('sha256', implode('|', $this->files)), 0, 16);
    }

    /** @return array<string, string> */
    private static function read(): array
    {
        /** @var array{files: array<string, string>} $manifest */
        $manifest = json_decode((string) file_get_contents(public_path('build/manifest.json')), true, 4, JSON_THROW_ON_ERROR);

        return $manifest['files'];
    }
}
