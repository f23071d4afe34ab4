<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Job;
use App\Models\Motor;
use App\Models\Order;
use App\Models\Picture;
use App\Models\Run;
use App\Models\StockItem;

/** Every view of the demo that can look different, by its address. */
final class Views
{
    /** @return list<string> */
    public static function workshop(): array
    {
        return [
            '/', '/?find=zebra', '/jobs/new', '/drawer', '/drawer/stock', '/drawer/count', '/drawer/labels', '/drawer/orders',
            '/drawer/orders/new',
            '/drawer/orders/'.Order::query()->withoutGlobalScopes()
                ->value('id'), '/drawer/should-hold', '/drawer/stock/item-'.StockItem::query()->withoutGlobalScopes()->value('id'),
            '/drawer/missing', '/drawer/labels?each=1', '/catalogue', '/parts', '/mounts', '/calendar', '/calendar/hours',
            '/calendar?change=250', '/account', '/people', '/house', '/archive',
            '/family', '/jobs/999999/stack',
        ];
    }

    /** @return list<string> what is looked at, measured and taken off */
    public static function measuring(): array
    {
        [$hardtail, $motor] = [self::id(242), fn (string $code) => Motor::query()->where('code', $code)->value('id')];
        $picture = (int) Picture::query()->where('job_id', $hardtail)->value('id');

        return [
            "/jobs/{$hardtail}/survey?spot=shell_width", '/jobs/'.self::id(254).'/survey',
            '/jobs/'.self::id(245).'/survey?spot=drive_cup_loosens', "/jobs/{$hardtail}/survey?spot=guide_depth",
            '/jobs/'.self::id(252).'/survey', '/jobs/'.self::id(256).'/survey?spot=pinion_to_face',
            '/jobs/'.self::id(256).'/survey?region=first-chain', '/jobs/'.self::id(244).'/survey?region=stay',
            '/jobs/'.self::id(250).'/survey', "/jobs/{$hardtail}/condition?subject=pads", '/jobs/'.self::id(251).'/condition?subject=frame',
            '/jobs/'.self::id(248)."/insert/{$motor('otter-73')}",
            "/jobs/{$hardtail}/sleeve/{$motor('heron-68')}", '/jobs/'.self::id(247).'/strip', "/jobs/{$hardtail}/pictures",
            "/jobs/{$hardtail}/read-in", "/jobs/{$hardtail}/pictures/{$picture}?beside=".($picture + 1),
        ];
    }

    /** @return list<string> motor, spacers, rings and gears */
    public static function choosing(): array
    {
        $hardtail = self::id(242);

        return [
            '/jobs/'.self::id(243).'/match', '/jobs/'.self::id(254).'/match', '/jobs/'.self::id(247).'/match',
            "/jobs/{$hardtail}/match?compare[]=heron-73&compare[]=bittern-83",
            '/jobs/'.self::id(255).'/stack?detail=left', '/jobs/'.self::id(256).'/stack', '/jobs/'.self::id(248).'/stack/ways',
            '/jobs/'.self::id(244).'/stack/order',
            "/jobs/{$hardtail}/stack/rest", '/jobs/'.self::id(249).'/stack/rest', "/jobs/{$hardtail}/stack",
            '/jobs/'.self::id(244).'/stack', '/jobs/'.self::id(246).'/stack', '/jobs/'.self::id(248).'/stack',
            "/jobs/{$hardtail}/line", "/jobs/{$hardtail}/line?compare[]=deep-40&compare[]=half-36",
            "/jobs/{$hardtail}/line/gears?with=half-36", '/jobs/'.self::id(241).'/line/hills',
            '/jobs/'.self::id(249).'/line', '/jobs/'.self::id(256).'/line',
        ];
    }

    /** @return list<string> runs, bar, sensors, battery, and what is built */
    public static function fittingOut(): array
    {
        [$hardtail, $full, $trike] = [self::id(242), self::id(241), self::id(249)];
        $run = fn (int $job) => Run::query()->where('job_id', $job)->value('id');

        return [
            "/jobs/{$hardtail}/route", '/jobs/'.self::id(250).'/route', "/jobs/{$trike}/route?run={$run($trike)}&place=boom-end",
            "/jobs/{$full}/route?near=shell", "/jobs/{$full}/route?near=bars",
            "/jobs/{$full}/route?plug={$run($full)}", "/jobs/{$full}/route/cockpit", "/jobs/{$full}/route/sensors",
            "/jobs/{$full}/route/battery", "/jobs/{$trike}/route/battery",
            "/jobs/{$hardtail}/box", "/jobs/{$hardtail}/build?step=pedals", "/jobs/{$hardtail}/build", "/jobs/{$hardtail}/build/print",
        ];
    }

    /** @return list<string> what is proved, handed over, comes back and is looked up */
    public static function wayOut(): array
    {
        [$full, $gone] = [self::id(241), self::id(257)];

        return [
            "/jobs/{$full}/prove", "/jobs/{$full}/build/house", "/jobs/{$full}/build/estimate", "/jobs/{$full}/prove/settings",
            "/jobs/{$full}/prove/hand-over",
            "/jobs/{$gone}/prove/hand-over", "/jobs/{$gone}/prove/come-back", '/logbook', '/logbook?like='.self::id(242),
        ];
    }

    private static function id(int $number): int
    {
        return (int) Job::query()->where('number', $number)->value('id');
    }
}
