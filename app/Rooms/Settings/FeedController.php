<?php

declare(strict_types=1);

namespace App\Rooms\Settings;

use App\Household\FeedAddress;
use Illuminate\Http\RedirectResponse;

/** The address of the calendar: made, made anew, ended. */
final class FeedController
{
    public function renew(FeedAddress $address): RedirectResponse
    {
        $had = $address->secret() !== null;
        $address->renew();

        return redirect()->route('settings')
            ->with('done', $had ? 'The calendar has a new address; the old one shows nothing any more.' : 'The calendar has an address.');
    }

    public function end(FeedAddress $address): RedirectResponse
    {
        $address->end();

        return redirect()->route('settings')->with('done', 'The calendar has no address any more.');
    }
}
