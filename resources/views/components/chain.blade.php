@props(['new'])
@php($chain = $new->chain)
<section class="panel mt-3" aria-labelledby="chain-title">
    <h2 id="chain-title">Chain</h2>
    <p class="mb-1">
        <strong class="figures" data-figure="links">{{ $chain->links }} links</strong>{{ $new->againstTheOld() }}.
        By the geometry {{ number_format($chain->exact, 2) }} pitches of 12.7 mm, up to an even number{{ $new->hasDerailleur() ? ', and two more for the derailleur' : '' }}.
    </p>
    @if ($chain->pieces() > 1 && $chain->replace === false && $chain->changeFromOld !== null)
        <p class="mb-1">
            A long chain, made of pieces, and a good one: it stays.
            @if ($chain->changeFromOld > 0){{ $chain->changeFromOld }} links of the same chain go in at one of its joints, with one joining link more.
            @elseif ($chain->changeFromOld < 0){{ abs($chain->changeFromOld) }} links come out at one of its joints, whose joining link is looked at, or new.
            @endif
            Lay it over every idler before it is closed.
        </p>
    @elseif ($chain->pieces() > 1)
        <p class="mb-1">
            A long chain: {{ $chain->pieces() }} pieces of 116 links or fewer joined,
            {{ $chain->pieces() - 1 }} joining {{ Str::plural('link', $chain->pieces() - 1) }} besides the last.
            Lay it over every idler before it is closed.
        </p>
    @endif
    @unless ($chain->pieces() > 1 && $chain->replace === false)<p class="mb-1">Lay the new one beside the old, pin to pin, link by link: a worn chain is longer than its links say. Arrows forward, joining link checked with a pull.</p>@endunless
    @if ($new->hasDerailleur())
        <p class="mb-1">
            With one ring the derailleur takes up only the cassette’s spread: <span class="figures">{{ $chain->wrapTeeth }}</span> teeth.
            The chain must be one for {{ $new->cogs() }} cogs.
        </p>
    @endif
    @if ($chain->stretch !== null)
        <p class="mb-0">
            Old chain {{ number_format(NeatSpindle\Core\Ground\Measure\Rounding::halfAway($chain->stretch), 2) }} % longer than new, worn from {{ $new->wornAt() }} %:
            {{ $chain->replace ? 'worn, fit a new one' : 'still good' }}.
        </p>
    @endif
</section>
