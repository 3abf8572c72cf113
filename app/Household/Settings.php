<?php

declare(strict_types=1);

namespace App\Household;

use App\Models\Setting;

/** What the person has chosen once for all, read together once a request. */
final class Settings
{
    /** @var array<string, array<string, mixed>>|null */
    private ?array $read = null;

    /** @return array<string, mixed> */
    public function read(string $key): array
    {
        $this->read ??= Setting::query()->get()->mapWithKeys(static fn (Setting $s): array => [$s->key => $s->value])->all();

        return $this->read[$key] ?? [];
    }

    /** @param  array<string, mixed>  $value */
    public function write(string $key, array $value): void
    {
        Setting::query()->updateOrCreate(['key' => $key], ['value' => $value]);
        $this->read = null;
    }
}
