@props(['page'])
<x-layout :title="$page->title()">
    <header class="job-head not-on-paper">
        <div>
            <h1><span class="figures">{{ $page->job->number }}</span> {{ $page->job->bike->label }}</h1>
            <div class="customer">{{ $page->job->customer_name }} · {{ $page->job->bike->kind->label() }}, {{ $page->job->bike->frame_material->value }}</div>
            @php($onward = $page->onward())
            @if ($onward)<a class="onward" id="onward" href="{{ $onward->address }}" data-key="n" title="{{ $onward->words }}"><kbd aria-hidden="true">n</kbd> <span>{{ $onward->words }}</span></a>@endif
        </div>
        <nav class="axis-nav" aria-label="Places of this job">
            @foreach (App\Models\Stage::cases() as $place)
                @php($stands = $page->standsAt($place))
                <a href="{{ route('job.'.$place->value, $page->job) }}" data-key="{{ $place->digit() }}" title="{{ $place->label() }}, {{ $stands }}" @if($place === $page->stage()) aria-current="page" @endif>
                    <span class="ringed is-{{ $stands }}" aria-hidden="true">{{ $place->digit() }}</span>{{ $place->label() }}<span class="visually-hidden">, {{ $stands }}</span>
                </a>
            @endforeach
        </nav>
        {{ $page->headShown() }}
    </header>
    <main id="main" class="page" hx-swap="innerHTML show:none">
        <h1 class="on-paper h4" aria-hidden="true">{{ $page->title() }}, {{ $page->job->customer_name }}, printed {{ now()->format('j M Y H:i') }}</h1>
        <x-job-told :page="$page" />
        {{ $slot }}
    </main>
</x-layout>
