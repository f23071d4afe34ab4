@props(['page', 'brakes'])
<section class="mt-3" aria-labelledby="estimate-title" id="brakes-estimate">
    <h3 class="panel-title" id="estimate-title">Estimated, before and with the motor</h3>
    @if ($brakes->estimate())
        <div class="table-responsive">
            <table class="table table-sm align-middle">
                <thead><tr><th scope="col">Estimate</th><th scope="col">Before</th><th scope="col">With motor</th><th scope="col"></th></tr></thead>
                <tbody>
                    @foreach ($brakes->rows($brakes->estimate()) as [$what, $before, $after, $verdict])
                        <tr><th scope="row" class="fw-normal">{{ $what }}</th><td>{{ $before }}</td><td><strong>{{ $after }}</strong></td><td>@if ($verdict)@verdict($verdict)@endif</td></tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @if ($brakes->estimate()->objection())<p class="caution">{{ $brakes->estimate()->objection() }} Larger rotors, other pads, a lower limit of speed, or less load.</p>@endif
        <details>
            <summary>What it assumes</summary>
            <ul>@foreach ($brakes->estimate()->assumptions() as $assumed)<li>{{ $assumed }}</li>@endforeach</ul>
            <p class="mb-0">Load, hill and limit: <a href="{{ route('job.hills', $page->job) }}">How it will be ridden</a>.</p>
        </details>
    @else
        <p>Nothing can be estimated before this is told:
            @foreach ($brakes->missing() as $spot)<a href="{{ route('job.survey', [$page->job, 'spot' => $spot->value]) }}">{{ $spot->label() }}</a>@unless ($loop->last), @endunless @endforeach.</p>
    @endif
</section>
