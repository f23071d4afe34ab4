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
    public static function all(): array
    {
        $id = fn (int $number) => Job::query()->where('number', $number)->value('id');

        $picture = Picture::query()->where('job_id', $id(242))->value('id');

        return [
            '/', '/?find=zebra', '/jobs/new', '/drawer', '/drawer/stock', '/drawer/count', '/drawer/labels', '/drawer/orders', '/drawer/orders/new', '/drawer/orders/'.Order::query()->withoutGlobalScopes()->value('id'), '/drawer/should-hold', '/drawer/stock/item-'.StockItem::query()->withoutGlobalScopes()->value('id'), '/catalogue', '/parts', '/calendar', '/calendar/hours', '/calendar?change=250', '/account', '/logbook', '/people', '/archive', '/drawer/labels?each=1', '/family', '/jobs/999999/stack',
            "/jobs/{$id(242)}/survey?spot=shell_width", "/jobs/{$id(254)}/survey", "/jobs/{$id(245)}/survey?spot=drive_cup_loosens",
            "/jobs/{$id(242)}/survey?spot=guide_depth", "/jobs/{$id(252)}/survey", "/jobs/{$id(242)}/condition?subject=pads", "/jobs/{$id(251)}/condition?subject=frame", "/jobs/{$id(248)}/insert/".Motor::query()->where('code', 'otter-73')->value('id'),
            "/jobs/{$id(247)}/strip", "/jobs/{$id(243)}/match", "/jobs/{$id(254)}/match",
            '/mounts', '/drawer/missing', "/jobs/{$id(247)}/match", "/jobs/{$id(242)}/match?compare[]=heron-73&compare[]=bittern-83", "/jobs/{$id(255)}/stack?detail=left", "/jobs/{$id(256)}/stack",
            "/jobs/{$id(248)}/stack/ways", "/jobs/{$id(244)}/stack/order", "/jobs/{$id(242)}/stack/rest", "/jobs/{$id(249)}/stack/rest", "/jobs/{$id(242)}/sleeve/".Motor::query()->where('code', 'heron-68')->value('id'), "/jobs/{$id(256)}/survey?spot=pinion_to_face",
            "/jobs/{$id(242)}/stack", "/jobs/{$id(244)}/stack", "/jobs/{$id(246)}/stack", "/jobs/{$id(248)}/stack",
            "/jobs/{$id(242)}/line", "/jobs/{$id(242)}/line?compare[]=deep-40&compare[]=half-36", "/jobs/{$id(242)}/line/gears?with=half-36", "/jobs/{$id(241)}/line/hills", "/jobs/{$id(249)}/line", "/jobs/{$id(256)}/line", "/jobs/{$id(242)}/route", "/jobs/{$id(250)}/route", "/jobs/{$id(249)}/route?run=".Run::query()->where('job_id', $id(249))->value('id').'&place=boom-end', "/jobs/{$id(242)}/box", "/jobs/{$id(242)}/build?step=pedals", "/jobs/{$id(256)}/survey?region=first-chain", "/jobs/{$id(244)}/survey?region=stay", "/jobs/{$id(250)}/survey", "/jobs/{$id(242)}/build", "/jobs/{$id(242)}/build/print",
            "/jobs/{$id(241)}/route?near=shell", "/jobs/{$id(241)}/route?plug=".Run::query()->where('job_id', $id(241))->value('id'), "/jobs/{$id(241)}/route/cockpit", "/jobs/{$id(241)}/route/sensors", "/jobs/{$id(241)}/route/battery", "/jobs/{$id(249)}/route/battery",
            "/jobs/{$id(242)}/pictures", "/jobs/{$id(242)}/read-in", "/jobs/{$id(242)}/pictures/{$picture}?beside=".((int) $picture + 1), "/jobs/{$id(241)}/prove", '/house', "/jobs/{$id(241)}/build/house", "/jobs/{$id(241)}/build/estimate", "/jobs/{$id(241)}/prove/settings", "/jobs/{$id(241)}/prove/hand-over", "/jobs/{$id(257)}/prove/hand-over", "/jobs/{$id(257)}/prove/come-back", "/logbook?like={$id(242)}",
        ];
    }
}
