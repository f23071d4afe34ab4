<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Calendar\GiveFeed;
use App\Actions\Calendar\RevokeFeed;
use App\Documents\CalendarFeed;
use App\Models\Feed;
use App\Models\Values\OurAddress;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Private addresses at which other calendars read what is planned. */
class FeedController extends Controller
{
    public function give(Request $request, GiveFeed $give): RedirectResponse
    {
        $secret = $give($this->user(), $request->input('of') === 'workshop');

        return redirect()->route('calendar.hours')->with('feed', OurAddress::of(fn (): string => route('feed', $secret)));
    }

    public function revoke(Feed $feed, RevokeFeed $revoke): RedirectResponse
    {
        $revoke($this->user(), $feed);

        return redirect()->route('calendar.hours')->with('kept', 'That address opens nothing any more.');
    }

    /** Whoever reads it is nobody here: there are these entries and nothing behind them. */
    public function show(string $secret): Response
    {
        $feed = Feed::query()->withoutGlobalScopes()->where('secret_hash', hash('sha256', $secret))->whereNull('revoked_at')
            ->with('user')->firstOrFail();

        return new Response(
            CalendarFeed::write($feed), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, no-store'],
        );
    }
}
