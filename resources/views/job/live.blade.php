@if ($live->line === null)
    <p class="fault m-0" role="alert" data-silent>The line is dead. {{ $live->silence }} Nothing was recorded from it.</p>
@else
    @if ($live->look)
        <p class="m-0" data-look="{{ $live->look->isRight() ? 'right' : ($live->look->isMiss() ? 'miss' : 'first') }}">
            @if ($live->look->isRight())@verdict(NeatSpindle\Core\Sums\Margin\Verdict::Clear, 'As expected') @elseif ($live->look->isMiss())@verdict(NeatSpindle\Core\Sums\Margin\Verdict::Fails, 'A miss') @else <strong>Do:</strong> @endif {{ $live->look->says }}
        </p>
    @endif
    <p class="m-0 soft">Level <strong class="figures">{{ $live->line->level }}</strong>, wheel set to {{ $live->line->wheelMm }} mm, {{ $live->line->error === 0 ? 'no error' : sprintf('error %02d', $live->line->error) }}</p>
    <x-drawing.line-gauges :gauges="$live->gauges()" />
@endif
