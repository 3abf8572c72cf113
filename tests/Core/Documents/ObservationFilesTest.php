<?php

declare(strict_types=1);

use GentlePour\Documents\ObservationFiles;

const BUOY = <<<'TXT'
    #YY  MM DD hh mm WDIR WSPD GST  WVHT   DPD   APD MWD   PRES  ATMP  WTMP  DEWP  VIS PTDY  TIDE
    #yr  mo dy hr mn degT m/s  m/s     m   sec   sec degT   hPa  degC  degC  degC  nmi  hPa    ft
    2026 11 26 06 50 250  7.0  9.0   1.4     9   6.1 265 1008.2  11.2  12.0   8.4   MM -1.1    MM
    2026 11 26 07 50 255  8.0   MM    MM    MM    MM  MM 1008.0  11.4  12.0   8.3   MM   MM    MM
    2026 11 26 08 50 260  8.0  9.0   1.7    11   6.4 270 1007.8  11.5    MM   8.1   MM -1.2    MM
    2026 11 26 25 50 260  8.0  9.0   1.7    11   6.4 270 1007.8  11.5    MM   8.1   MM -1.2    MM
    2026 11 26 09 50 260  8.0  9.0   high   11   6.4 270 1007.8  11.5    MM   8.1   MM -1.2    MM
    2026 11 26 10 50 260
    TXT;

it('reads the standard meteorological format of public buoys, with its units line and MM for what is missing', function (): void {
    $read = ObservationFiles::read(['buoy.txt' => BUOY]);

    expect($read->observations)->toHaveCount(3);
    [$first, $second, $third] = $read->observations;
    expect($first->unix)->toBe((float) gmmktime(6, 50, 0, 11, 26, 2026))
        ->and($first->significantHeightM)->toBe(1.4)
        ->and($first->peakPeriodS)->toBe(9.0)
        ->and($first->meanPeriodS)->toBe(6.1)
        ->and($first->fromDeg)->toBe(265.0)
        ->and($first->windMS)->toBe(7.0)
        ->and($first->windFromDeg)->toBe(250.0)
        ->and($first->pressureHpa)->toBe(1008.2)
        ->and($first->waterC)->toBe(12.0)
        ->and($first->dewPointC)->toBe(8.4)
        ->and($second->significantHeightM)->toBeNull()->and($second->periodS())->toBeNull()->and($second->windMS)->toBe(8.0)
        ->and($third->waterC)->toBeNull();
});

it('lists the lines it cannot read, each with its number and why, and uses the rest', function (): void {
    $bad = ObservationFiles::read(['buoy.txt' => BUOY])->badLines;

    expect(array_column($bad, 'line'))->toBe([6, 7, 8])
        ->and($bad[0]['reason'])->toContain('date')
        ->and($bad[1]['reason'])->toContain('WVHT cannot be “high”')
        ->and($bad[2]['reason'])->toContain('6 columns where 19')
        ->and($bad[1]['text'])->toContain('high')->and($bad[0]['file'])->toBe('buoy.txt');
});

it('picks the row nearest to an instant, of those that say something of the waves', function (): void {
    $read = ObservationFiles::read(['buoy.txt' => BUOY]);
    $at = (float) gmmktime(7, 45, 0, 11, 26, 2026);

    expect($read->nearest($at)?->peakPeriodS)->toBeNull()
        ->and($read->nearestWaves($at)?->unix)->toBe((float) gmmktime(6, 50, 0, 11, 26, 2026));
});

it('reads several files together, in order of time, one row an instant', function (): void {
    $later = "time,hs,tp,wind_m_s\n2026-11-26T09:00:00Z,2.0,12,6\n2026-11-26 06:50,1.5,9.5,5\n";
    $read = ObservationFiles::read(['buoy.txt' => BUOY, 'forecast.csv' => $later]);

    expect($read->observations)->toHaveCount(4)->and($read->observations[0]->significantHeightM)->toBe(1.5)
        ->and($read->observations[3]->periodS())->toBe(12.0);
});

it('reads CSV with named columns, semicolons, a byte order mark and Windows line ends', function (): void {
    $read = ObservationFiles::read(
        ['a.csv' => "\u{FEFF}Time;WVHT;APD\r\n2026-11-26T06:00+01:00;0,9;5\r\n2026-11-26T08:00+01:00;0.9;5\r\n"],
    );

    expect($read->observations)->toHaveCount(1)->and($read->observations[0]->unix)->toBe((float) gmmktime(7, 0, 0, 11, 26, 2026))
        ->and($read->observations[0]->periodS())->toBeAbout(6.43, 1e-9) // T_p / T_z = 1.286 (DNV-RP-C205)
        ->and($read->badLines[0]['reason'])->toContain('0,9');
});

it('takes runs of nines for missing by their column, also under #YY, and keeps 99 degrees and 999.0 hPa (yearly files of public buoys)', function (): void {
    $read = ObservationFiles::read(['2019.txt' => <<<'TXT'
        #YY  MM DD hh mm WDIR WSPD GST  WVHT   DPD   APD MWD   PRES  ATMP  WTMP  DEWP  VIS  TIDE
        #yr  mo dy hr mn degT m/s  m/s     m   sec   sec degT   hPa  degC  degC  degC   mi    ft
        2019 01 01 00 50  99  5.0 99.0  1.20 99.00  7.00 999  999.0 999.0  12.3 999.0 99.0 99.00
        2019 01 01 01 50 999 99.0 99.0 99.00  9.00 99.00  99 9999.0   9.9 999.0 999.0 99.0 99.00
        2019 01 01 02 50 999 99.0 99.0 99.00 99.00 99.00 999 9999.0 999.0 999.0 999.0 99.0 99.00
        TXT]);
    [$first, $second] = $read->observations;

    expect($read->observations)->toHaveCount(2)->and($read->badLines)->toHaveCount(1)
        ->and($read->badLines[0]['reason'])->toBe('Every value in it is missing.')
        ->and([$first->windFromDeg, $first->windMS, $first->significantHeightM, $first->peakPeriodS, $first->meanPeriodS, $first->fromDeg])
        ->toBe([99.0, 5.0, 1.2, null, 7.0, null])
        ->and([$first->pressureHpa, $first->airC, $first->waterC, $first->dewPointC])->toBe([999.0, null, 12.3, null])
        ->and([$second->windFromDeg, $second->windMS, $second->significantHeightM, $second->peakPeriodS, $second->fromDeg,
            $second->pressureHpa, $second->airC])
        ->toBe([null, null, null, 9.0, 99.0, null, 9.9]);
});

it('reads the older files: no mark before the names, two-digit years, nines for what is missing, BAR for the pressure', function (): void {
    $read = ObservationFiles::read(
        [
            'old.txt' => "YY MM DD hh WD   WSPD GST  WVHT  DPD   APD  MWD  BAR    ATMP  WTMP  DEWP  VIS\n98 12 31 23 240  9.0  11.0 2.10 12.50 99.00 999 1002.3  8.1  9.9 999.0 99.0\n",
        ],
    );

    expect($read->observations[0]->unix)->toBe((float) gmmktime(23, 0, 0, 12, 31, 1998))
        ->and($read->observations[0]->peakPeriodS)->toBe(12.5)
        ->and($read->observations[0]->meanPeriodS)->toBeNull()
        ->and($read->observations[0]->fromDeg)->toBeNull()
        ->and($read->observations[0]->pressureHpa)->toBe(1002.3);
});

it('goes by the line of units: feet and knots become metres and metres a second', function (): void {
    $read = ObservationFiles::read(['ft.txt' => "#YY MM DD hh mm WSPD WVHT DPD\n#yr mo dy hr mn kts ft sec\n2026 11 26 06 00 10 3.0 8\n"]);

    expect($read->observations[0]->windMS)->toBeAbout(5.144, 0.001)
        ->and($read->observations[0]->significantHeightM)->toBeAbout(0.9144, 1e-9);
});

it('believes no sea that cannot be', function (): void {
    $read = ObservationFiles::read(
        ['x.csv' => "time,hs,tp\n2026-11-26,400,9\n2026-11-26,1,-3\n2026-11-26,1e999,9\n20260,1,9\n2026-11-26,,\n"],
    );

    expect($read->observations)->toBe([])->and($read->badLines)->toHaveCount(5);
});

it('refuses what is no such file, and says how one begins', function (string $text): void {
    expect(fn () => ObservationFiles::read(['x.txt' => $text]))->toBeRefused('x.txt', 'files');
})->with(['hello world', "a,b,c\n1,2,3\n", '<html><body>404</body></html>', "time,depth\n2026-01-01,3\n"]);

it('refuses an empty file', function (): void {
    expect(fn () => ObservationFiles::read(['x.txt' => "\n\n"]))->toBeRefused('no observation', 'files');
});

it('reads files of every width of letters, with a mark of it at the beginning, and ends of lines of every kind', function (string $text): void {
    $read = ObservationFiles::read(['a.csv' => $text]);
    expect(array_map(fn ($o): array => [gmdate('H:i', (int) $o->unix), $o->significantHeightM], $read->observations))
        ->toBe([['08:00', 1.8], ['09:00', 1.9]])
        ->and(array_map(fn (array $b): int => $b['line'], $read->badLines))->toBe([4]);
})->with(function (): array {
    $text = "time;hs\n2026-11-24T08:00Z;1.8\n\nbad;x\n2026-11-24T09:00Z;1.9\n";

    return [
        'plain' => [$text], 'a byte order mark' => ["\xEF\xBB\xBF".$text],
        'UTF-16, little end first' => ["\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8')],
        'UTF-16, big end first' => ["\xFE\xFF".mb_convert_encoding($text, 'UTF-16BE', 'UTF-8')],
        'CR LF' => [str_replace("\n", "\r\n", $text)], 'CR' => [str_replace("\n", "\r", $text)],
    ];
});

it('stops at a line too many while it reads, takes a line too long for a bad one, and refuses columns without end', function (): void {
    $line = "2026-11-24T08:00Z;1.8\n";
    expect(fn () => ObservationFiles::read(['long' => "time;hs\n".str_repeat($line,
        200_000)]))->toBeRefused('“long” has more than 200,000 lines', 'files')
        ->and(fn () => ObservationFiles::read(['wide' => 'time;'.str_repeat('hs;', 300)."\n"]))->toBeRefused('more columns', 'files');
    $read = ObservationFiles::read(['a' => "time;hs\n".$line.'2026-11-24T09:00Z;1.9'.str_repeat(';', 20_000)."\n"]);
    expect($read->observations)->toHaveCount(1)->and($read->badLines[0]['reason'])->toContain('longer than any line');
});
