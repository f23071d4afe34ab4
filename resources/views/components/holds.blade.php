@props(['page'])
@php($reaction = $page->opened->worksheet()?->reaction)
@php($bracing = $page->bracing())
@if ($page->gates() === [])
    <section class="panel" aria-labelledby="holds-title">
        <h2 id="holds-title">What keeps the body from turning</h2>
        <p class="mb-1">
            @if ($reaction)
                Nut: holds <span class="figures">{{ $page->torqueUnit->show($reaction->hold) }}</span> of the motor’s <span class="figures">{{ $page->torqueUnit->show($reaction->motorTorque) }}</span>.
            @else
                No nut clamps this body: the rest carries all of the motor’s torque.
            @endif
            {{ $bracing?->rest === null ? 'No rest is chosen yet.' : $bracing->rest->label().'.' }}
        </p>
        @if ($bracing?->stop())<p class="caution">{{ $bracing->stop() }}</p>@endif
        <a class="btn {{ $bracing?->rest === null ? 'btn-primary' : 'btn-plain' }}" href="{{ route('job.rest', $page->job) }}">{{ $bracing?->rest === null ? 'Choose the rest' : 'Nut and rest' }}</a>
    </section>
@endif
