@props(['page'])
@php($ground = $page->ground())
<section class="mt-2" aria-labelledby="ground-title">
    <h3 class="panel-title" id="ground-title">Ground below @if ($ground)@verdict($ground->verdict())@endif</h3>
    @if ($ground)
        <table class="table table-sm mb-1">
            <thead><tr><th scope="col">Axis</th><th scope="col">Before: shell or ring</th><th scope="col">With the motor</th></tr></thead>
            <tbody>
                @foreach ($ground->after() as $state => $room)
                    <tr><th scope="row" class="fw-normal">{{ ['free' => 'Nobody on it', 'ridden' => 'With the rider on', 'bottomed' => 'At the end of its travel'][$state] }}</th>
                        <td>{{ $page->unit->showCoarse($ground->before()[$state]->value) }}</td><td><strong>{{ $page->unit->showCoarse($room->value) }}</strong></td></tr>
                @endforeach
            </tbody>
        </table>
        <p class="form-hint mb-0">From the body’s farthest point, hanging up to 20° off its place. Under 40 mm is little; both are ours.</p>
    @else
        <p class="form-hint mb-0">
            It takes <a href="{{ route('job.survey', [$page->job, 'spot' => 'axis_height']) }}">the crank axis over the floor</a>
            @if ($page->opened->motor()?->papers->bodyReach === null) and how far the body reaches from the axis, which its papers do not say.
            @else and nothing else.
            @endif
        </p>
    @endif
</section>
