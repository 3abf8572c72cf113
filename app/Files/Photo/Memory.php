<?php

declare(strict_types=1);

namespace App\Files\Photo;

/** What is left for a picture on this machine: its decoder asks for memory past PHP's own bound. */
final class Memory
{
    /** Others need some as well. Judgement. */
    private const SHARE = 0.8;

    /**
     * Of the machine and, where a service or a container is bounded, of that (proc(5), cgroup v2). Where nothing says what there is, all
     * there can be.
     *
     * @param  string  $root  of the system
     */
    public static function freeBytes(string $root = ''): float
    {
        $free = self::figure('/^MemAvailable:\s+(\d+) kB/m', "{$root}/proc/meminfo");
        $group = preg_match('~^0::(/\S*)$~m', self::read("{$root}/proc/self/cgroup"), $found) === 1 ? rtrim($found[1], '/') : '';
        $most = self::figure('/^(\d+)$/', "{$root}/sys/fs/cgroup{$group}/memory.max");
        $used = self::figure('/^(\d+)$/', "{$root}/sys/fs/cgroup{$group}/memory.current");
        // What it has of files only so that they need not be read again is let go where there is need.
        $spare = self::figure('/^inactive_file (\d+)$/m', "{$root}/sys/fs/cgroup{$group}/memory.stat");

        return self::SHARE * min(
            $free === null ? INF : 1024 * $free,
            $most === null || $used === null ? INF : max(0.0, $most - $used + ($spare ?? 0.0)),
        );
    }

    private static function figure(string $pattern, string $file): ?float
    {
        return preg_match($pattern, trim(self::read($file)), $found) === 1 ? (float) $found[1] : null;
    }

    private static function read(string $file): string
    {
        return is_readable($file) ? (string) file_get_contents($file) : '';
    }
}
