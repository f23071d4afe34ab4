<?php

declare(strict_types=1);

namespace App\View\Shared;

use Illuminate\Support\HtmlString;

use function count;

/** Words of the trade that have to stay, explained where they stand: by hover, by focus, by tap. */
final class TradeWords
{
    /** At most so many in one text: more and nobody reads it. */
    private const MOST = 3;

    /** Each word as it stands in a text, in any case, and what it means. */
    private const WORDS = [
        ['bolt circle', 'The circle on which a ring’s bolts stand; a ring fits where that of the part under it is the same.'],
        ['boss', 'A face of the motor with a threaded hole, which the fixing plate bolts to.'],
        ['bosses', 'Faces of the motor with threaded holes, which the fixing plate bolts to.'],
        ['burr', 'A sharp edge of metal that a tool has left standing.'],
        ['captive', 'Held on the part so that it cannot jump off: by the crank’s bolt, a clamp or a long bolt through the shell.'],
        ['cartridge', 'A bracket in one piece: bearings and spindle in a closed tube, held by a cup on each side.'],
        ['chainline', 'How far the middle of a ring or cog is from the frame’s middle. Ring and cog at the same distance: a straight chain.'],
        ['chainstay', 'The tube from the shell to the rear wheel, beside the chain.'],
        ['collar', 'The ring on the left that is screwed against the bearing, to take its play out.'],
        ['cotter', 'A wedge with a nut that pins a crank to its spindle.'],
        ['development', 'How far the bike goes with one turn of the cranks.'],
        ['dish', 'How far a ring’s teeth sit inboard of the face it bolts to.'],
        ['doubt', 'How far a reading may be off, to either side.'],
        ['drift', 'A soft bar with which something is knocked out from the other side, little by little.'],
        ['dry fit', 'Everything put together by hand, without grease and without torque, to see that it fits.'],
        ['flange', 'The rim of a cup or insert that stands on the shell’s face.'],
        ['idler', 'A wheel that only leads the chain.'],
        ['inboard', 'Towards the middle of the frame.'],
        ['joining link', 'A link that can be opened by hand or with pliers, where a chain is joined.'],
        ['lock ring', 'A second, thin nut that keeps the first from turning back.'],
        ['locknuts', 'The outer nuts of a wheel’s axle. Over them: the width of the frame there.'],
        ['outboard', 'Away from the middle of the frame, to the side.'],
        ['pinch bolt', 'A bolt across the slot of a crank arm, which squeezes it onto the spindle.'],
        ['pinch bolts', 'Bolts across the slot of a crank arm, which squeeze it onto the spindle.'],
        ['pinion', 'The small toothed wheel on the motor that drives the first chain.'],
        ['preload', 'So much pressure, by hand, that bearings have no play and still turn freely. Not a torque.'],
        ['proud', 'Standing out further than the face around it.'],
        ['puller', 'A tool that screws into the crank arm and presses it off the spindle.'],
        ['sag', 'How far the loose run of a chain can be moved up and down, as a share of its length.'],
        ['shim', 'A thin washer that sets a distance.'],
        ['shims', 'Thin washers that set a distance.'],
        ['spider', 'A carrier with arms, on which a ring with another bolt circle goes.'],
        ['spline', 'A tooth along a spindle, which a crank slides onto; there are several, and it fits in few positions.'],
        ['splines', 'Teeth along a spindle, which a crank slides onto; it fits in few positions.'],
        ['strut', 'A rod that keeps the body from turning, from the motor to the frame.'],
        ['taper', 'The end of a spindle that gets thinner outwards: the crank holds by being pressed onto it.'],
        ['tensioner', 'A sprung wheel that takes up what a chain is too long.'],
        ['threadlocker', 'A liquid that sets in a thread and keeps it from turning back.'],
        ['yoke', 'The plate that lies in a slot of the motor’s body, and which the left cup draws to the shell.'],
    ];

    /** Of all the words, the longest first; a frame’s bottle bosses are something else than a motor’s. */
    private static ?string $pattern = null;

    /** A text for a page, escaped; the first of each such word is marked, with what it means. */
    public static function in(?string $text): HtmlString
    {
        $seen = [];
        $meanings = array_column(self::WORDS, 1, 0);
        $marked = preg_replace_callback(self::pattern(), function (array $found) use (&$seen, $meanings): string {
            $word = mb_strtolower($found[0]);
            $means = rtrim($word, 's');
            if (isset($seen[$means]) || count($seen) >= self::MOST) {
                return $found[0];
            }
            $seen[$means] = true;

            return '<dfn class="word" tabindex="0" title="'.e($meanings[$word]).'">'.$found[0].'</dfn>';
        }, e((string) $text));

        return new HtmlString((string) $marked);
    }

    private static function pattern(): string
    {
        $words = array_column(self::WORDS, 0);
        usort($words, fn (string $one, string $other) => mb_strlen($other) <=> mb_strlen($one));

        return self::$pattern ??= '/(?<!bottle )\b(?:'.implode('|', array_map(preg_quote(...), $words)).')\b/iu';
    }
}
