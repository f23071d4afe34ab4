@php($line = $page->chainline())
<x-job :page="$page">
    <x-line-tabs :page="$page" at="line" />
    @if ($page->opened->worksheet() === null || ($line === null && $page->twinPlateHasNoLine() === false))
        <x-not-yet :page="$page" />
    @else
        @if ($line !== null)
            <div class="work">
                <section class="panel picture" aria-label="The chain from above">
                    <x-drawing.line :view="$page->drawing()" />
                    <p class="form-hint mb-0">
                        From above, drive side on the right. Across the bike drawn {{ $page->drawing()->stretch() }} times as large as along it.
                        Bars: how much each cog is ridden. Dotted: middle of the cogs, which some line up on.
                        @if ($page->toldCogPitch())Cogs taken as {{ $page->toldCogPitch() }} apart, as so many mostly are: <a href="{{ route('job.survey', [$page->job, 'spot' => 'cog_pitch']) }}">measure it</a>.@endif
                        <a class="not-on-paper" href="{{ route('job.line.svg', [$page->job]) }}" hx-boost="false">Save as SVG</a>
                    </p>
                </section>
                <x-chainline :page="$page" :line="$line" />
            </div>
        @else
            <section class="panel">
                <p class="mb-0">
                    A twin-plate motor drives its ring by a first chain: where that ring stands was measured with the plates,
                    and no chainline to the cogs follows from the stack. Gears and chain do.
                </p>
            </section>
        @endif
        <x-rings :page="$page" />
        <x-chain :new="$page->chain()" />
    @endif
</x-job>
