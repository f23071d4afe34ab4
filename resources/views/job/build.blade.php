<x-job :page="$page">
    @if ($page->build === null)
        <x-not-yet :page="$page" what="Build" />
    @else
        <div class="bench-head">
            <h2 class="h5 m-0 flex-grow-1">Build sheet <span class="soft">{{ $page->doneCount() }} of {{ count($page->build->steps) }} done</span></h2>
            <a class="btn btn-plain" href="{{ route('job.build.print', $page->job) }}">Sheet for paper</a>
        </div>
        @if ($page->verdict()?->value !== 'clear')
            <p class="caution">The stack is {{ $page->verdict()?->value === 'tight' ? 'tight: measure again before anything is torqued' : 'failing: do not build it like this' }}. <a href="{{ route('job.stack', $page->job) }}">See the stack</a></p>
        @endif
        @php($number = 0)
        @foreach ($page->chapters() as $chapter => $steps)
            <section class="mb-3" aria-labelledby="chapter-{{ $loop->index }}">
                <h3 class="h6 mb-1" id="chapter-{{ $loop->index }}">{{ $chapter }}</h3>
                @foreach ($steps as $step)
                    <x-build-step :page="$page" :step="$step" :number="++$number" />
                @endforeach
            </section>
        @endforeach
    @endif
</x-job>
