<x-job :page="$page">
    @if ($page->build === null)
        <x-not-yet :page="$page" />
    @else
        <div class="work-steps">
            <section aria-labelledby="sheet-title">
                <h2 class="panel-title" id="sheet-title">Build sheet <span class="soft">{{ $page->doneCount() }} of {{ $page->count() }} done</span></h2>
                <ol class="step-list">
                    @foreach ($page->chapters() as $chapter => $steps)
                        <li class="chapter">{{ $chapter }}</li>
                        @foreach ($steps as $one)
                            <li>
                                <a href="{{ route('job.build', [$page->job, 'step' => $one->code]) }}" @if($one->code === $page->currentCode()) aria-current="step" @endif>
                                    <span class="number">{{ $page->numberOf($one->code) }}</span> <span>{{ $one->title }}</span>
                                    @if ($page->isDone($one->code))
                                        <span class="done-line">✓ {{ $page->record($one->code)->torque_nm === null ? 'done' : $page->torqueUnit->show($page->record($one->code)->torque_nm) }}</span>
                                    @elseif ($page->isStopped($one->code))
                                        <span class="stopped">✕ failed</span>
                                    @elseif ($page->reopenedFor($one->code))
                                        <span class="waiting-step">again</span>
                                    @elseif ($page->isHeldBack($one->code))
                                        <span class="waiting-step">waits</span>
                                    @endif
                                </a>
                            </li>
                        @endforeach
                    @endforeach
                </ol>
            </section>
            <div class="work-wide">
                @if ($page->verdict()?->value !== 'clear')
                    <p class="caution m-0">The stack is {{ $page->verdict()?->value === 'tight' ? 'tight: measure again before anything is torqued' : 'failing: do not build it like this' }}. <a href="{{ route('job.stack', $page->job) }}">See the stack</a></p>
                @endif
                @if ($page->changedRules() !== [])
                    <p class="house-note m-0">The house has changed since this job began: {{ implode(', ', $page->changedRules()) }}. This job keeps its own. <a href="{{ route('job.house', $page->job) }}">Look</a></p>
                @endif
                <x-build-step :page="$page" :step="$page->current()" />
                @if ($page->section())
                    <section class="panel picture" aria-label="Section along the crank axis">
                        <x-drawing.section :view="$page->section()" />
                    </section>
                @endif
                <x-tools :tools="$page->tools()" />
                <p class="m-0"><a class="btn btn-plain" href="{{ route('job.build.print', $page->job) }}">Sheet for paper</a> <a class="btn btn-plain" id="to-house" href="{{ route('job.house', $page->job) }}">House rules of this job</a> <a class="btn btn-plain" href="{{ route('job.estimate', $page->job) }}">Minutes and parts</a> <a class="btn btn-plain" href="{{ route('job.read-in', $page->job) }}">This job out and in</a></p>
            </div>
        </div>
    @endif
</x-job>
