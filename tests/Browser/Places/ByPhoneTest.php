<?php

declare(strict_types=1);

use Tests\Browser\Support\Servers;

// What the phone in the hand tells: where it is, and where it points.

beforeEach(function (): void {
    $this->stands = function (float $latitude, float $longitude, float $within): void {
        $this->tools()->execute('Emulation.setGeolocationOverride', compact('latitude', 'longitude') + ['accuracy' => $within]);
    };
    // As a device says it: alpha counts from its own north against the clock.
    $this->points = function (float $alpha, float $beta = 4.0, bool $absolute = true): void {
        $this->script('window.dispatchEvent(new DeviceOrientationEvent(arguments[2] ? "deviceorientationabsolute" : "deviceorientation",
            {alpha: arguments[0], beta: arguments[1], gamma: -3, absolute: arguments[2]}))', $alpha, $beta, $absolute);
    };
    $this->tools()->execute('Browser.grantPermissions', ['origin' => Servers::running()->address, 'permissions' => ['geolocation', 'sensors']]);
    $this->tools()->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
    $this->onPhone();
});

afterEach(function (): void {
    $this->tools()->execute('Browser.resetPermissions');
    $this->tools()->execute('Emulation.clearGeolocationOverride');
});

it('takes the position from where one stands, and finds the tide station for it', function (): void {
    ($this->stands)(56.5301, -9.8602, 7.4);
    $this->visit('/places/new')->type('#f-name', 'Where I Am');
    $this->click('[data-by-phone=locate] button')->seesIn('[data-by-phone=locate] [role=status]', 'Within 8 m.')
        ->seesIn('#stations', 'Orra Haven');
    expect($this->value('#f-position'))->toBe('56.53010, -9.86020');
    $this->click('#stations .tick:first-of-type input')->click('.is-go')->seesIn('h1', 'Where I Am');
});

it('says how far off a position may be, and why there is none', function (): void {
    ($this->stands)(56.53, -9.86, 850.0);
    $this->visit('/places/new')->click('[data-by-phone=locate] button')->seesIn('[data-by-phone=locate] [role=status]', 'Within 850 m.');
    ($this->stands)(56.53, -9.86, 12_300.0);
    $this->click('[data-by-phone=locate] button')->seesIn('[data-by-phone=locate] [role=status]', 'Within 13 km: look it up on a map.');
    // Unavailable, then refused: what stands in the field stays.
    $this->tools()->execute('Emulation.setGeolocationOverride');
    $this->click('[data-by-phone=locate] button')->seesIn('[data-by-phone=locate] [role=status]', 'There is no position to be had here.');
    $this->tools()->execute('Browser.setPermission', ['permission' => ['name' => 'geolocation'], 'setting' => 'denied',
        'origin' => Servers::running()->address]);
    $this->click('[data-by-phone=locate] button')->seesIn('[data-by-phone=locate] [role=status]', 'was not allowed to tell');
    expect($this->value('#f-position'))->toBe('56.53000, -9.86000');
});

it('takes the facing from where the phone points, by its compass, and keeps it from true north', function (): void {
    $this->visit('/places/new')->type('#f-name', 'Where It Points')->type('#f-position', '56.53, -9.86')->choose('#f-tide', 'none');
    $this->click('[data-by-phone=point] button')->seesIn('[data-by-phone=point] [role=status]', 'Hold it flat');
    // Around north: the mean of 1 and 359 is 0, not 180.
    ($this->points)(358.0);
    ($this->points)(2.0);
    ($this->points)(0.0);
    $this->seesIn('[data-by-phone=point] [role=status]', '0° by this phone’s compass');
    expect($this->value('#f-facing_deg'))->toBe('0');
    // As some say it, by a heading of their own that is below nought as long as there is none.
    $this->click('[data-by-phone=point] button')->seesIn('[data-by-phone=point] [role=status]', 'Hold it flat');
    $this->script('for (const deg of [-1, 77.4, 78.2]) window.dispatchEvent(Object.defineProperty(new DeviceOrientationEvent("deviceorientation",
        {alpha: 5, beta: 4, gamma: 3}), "webkitCompassHeading", {value: deg}))');
    $this->seesIn('[data-by-phone=point] [role=status]', '78° by this phone’s compass');
    // Again, another way.
    $this->click('[data-by-phone=point] button')->seesIn('[data-by-phone=point] [role=status]', 'Hold it flat');
    ($this->points)(240.0);
    ($this->points)(242.0);
    $this->seesIn('[data-by-phone=point] [role=status]', '119° by this phone’s compass');
    expect($this->value('[name="in[facing_deg]"]'))->toBe('° mag');
    $this->click('.is-go')->seesIn('h1', 'Where It Points')->seesIn('h1', '119° by compass');
    expect((int) preg_replace('/\D*(\d+)°.*/s', '$1', $this->text('h1 small')))->toBeGreaterThan(113)->toBeLessThan(119);
});

it('takes no bearing from a phone that swings, stands upright or has no compass', function (): void {
    $this->visit('/places/new');
    $said = '[data-by-phone=point] [role=status]';
    foreach ([[[240.0, 4.0], [262.0, 4.0], 'The needle swings.'], [[240.0, 70.0], [240.0, 70.0], 'Hold it flat, as a compass lies']] as [$one, $other, $words]) {
        $this->click('[data-by-phone=point] button')->seesIn($said, 'its upper edge');
        ($this->points)(...$one);
        ($this->points)(...$other);
        $this->seesIn($said, $words);
    }
    // One that knows how it is turned, but not from which north.
    $this->click('[data-by-phone=point] button')->seesIn($said, 'its upper edge');
    ($this->points)(100.0, 4.0, false);
    $this->seesIn($said, 'This device tells no compass bearing.');
    $this->tools()->execute('Browser.resetPermissions');
    $this->click('[data-by-phone=point] button')->seesIn($said, 'was not allowed to tell');
    expect($this->value('#f-facing_deg'))->toBe('');
});

it('sights a skyline along the edge of the phone, point by point, and keeps it from true north', function (): void {
    $this->visit('/places/2')->script('document.querySelector("#around-kept details").open = true');
    [$button, $said] = ['[data-by-phone=skyline] button', '[data-by-phone=skyline] [role=status]'];
    $this->type('#f-skyline', '');
    // Below the level is the horizon itself; so steep no needle tells anything.
    foreach ([[260.0, -2.0, '100° by compass, 0° up.'], [240.0, 24.6, '120° by compass, 25° up.'], [235.0, 85.0, 'Too steep for a compass.'],
        [220.0, 0.4, '140° by compass, 0° up.']] as [$alpha, $beta, $words]) {
        $this->click($button)->seesIn($said, 'its long edge');
        ($this->points)($alpha, $beta);
        $this->seesIn($said, $words);
    }
    // A trembling hand sights once.
    $this->doubleClick($button)->seesIn($said, 'its long edge');
    ($this->points)(200.0, 0.4);
    $this->seesIn($said, '160° by compass, 0° up.');
    expect($this->value('#f-skyline'))->toBe('100M 0, 120M 25, 140M 0, 160M 0');
    // What was sighted is drawn at once, turned to true north: the cliff stands where the needle said.
    $this->eventually(fn (): ?bool => abs((float) ($this->script("return JSON.parse(document.querySelector('[data-horizon]').dataset.skyline)[58]") ?? 0) - 24) < 1.5 ? true : null, 'It is not drawn.');
    $this->click('#around-kept .button:not([type=button])')->seesIn('.said', 'What stands around')->script('document.querySelector("#around-kept details").open = true');
    expect($this->value('#f-skyline'))->toMatch('/^9[4-9](\.\d)? 0, 11[4-9](\.\d)? 25, 13[4-9](\.\d)? 0, 15[4-9](\.\d)? 0$/');
});

it('has nothing to point with on a desk', function (): void {
    $this->tools()->execute('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
    $this->visit('/places/new');
    expect($this->find('[data-by-phone=locate]')->isDisplayed())->toBeTrue()->and($this->find('[data-by-phone=point]')->isDisplayed())->toBeFalse();
});
