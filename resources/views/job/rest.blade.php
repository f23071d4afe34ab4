<x-job :page="$page">
    @if ($page->motor() === null)
        <x-not-yet :page="$page" />
    @else
        @php($choice = $page->choice())
        <div class="work">
            <section class="panel picture" aria-labelledby="rest-picture">
                <h2 id="rest-picture">What keeps the body from turning</h2>
                <x-drawing.reaction :view="$page->drawing()" />
                @if ($page->bracing()->stop())
                    <p class="caution"><strong>Stop.</strong> {{ $page->bracing()->stop() }}</p>
                @endif
                <x-reaction-sums :page="$page" />
                <x-ground-below :page="$page" />
                @if ($page->isBoom())
                    <x-boom :page="$page" />
                @endif
            </section>
            <section class="panel" aria-labelledby="rest-form" data-hand tabindex="-1">
                <h2 id="rest-form">Nut and rest</h2>
                @if ($page->mayChoose())
                    <form method="post" action="{{ route('job.brace', $page->job) }}">
                        @csrf @formkey @method('PUT')
                        <input type="hidden" name="version" value="{{ $page->job->version }}">
                        @if ($page->band())
                            <x-nut-fields :page="$page" :torquing="$choice->torquing()" />
                        @endif
                        <x-rest-fields :page="$page" :choice="$choice" />
                        <button class="btn btn-primary mt-2" id="keep-rest">Keep</button>
                    </form>
                    @if ($page->bracing()->wanting())
                        <p class="form-hint mb-0 mt-1">{{ $page->bracing()->wanting() }}</p>
                    @endif
                @else
                    <p>{{ $choice->rest()?->label() ?? 'No rest is chosen yet.' }} Choosing it is for installers and the owner.</p>
                @endif
                <p class="mt-2 mb-0"><a href="{{ route('job.stack', $page->job) }}">Back to the stack</a></p>
            </section>
        </div>
    @endif
</x-job>
