@php($unit = auth()->user()->length_unit)
<x-layout title="Drawer">
    <main id="main" class="page">
        <div class="bench-head"><h1>Drawer</h1></div>
        <div class="work">
            <section class="panel" aria-labelledby="spacers-title">
                <h2 id="spacers-title">Spacers and washers</h2>
                @if ($spacers->isEmpty())
                    <p class="empty">The drawer is empty. Read a catalogue in, or buy some.</p>
                @else
                    <table class="ledger">
                        <thead><tr><th class="n">Thickness</th><th>Good for</th><th>Lies in, and how many</th></tr></thead>
                        <tbody>
                            @foreach ($spacers as $spacer)
                                <tr>
                                    <td class="n">{{ $unit->show($spacer->thickness_mm) }}</td>
                                    <td>{{ implode(', ', $spacer->uses) }}</td>
                                    @php($isTyped = (int) old('row') === $spacer->id)
                                    <td>
                                        <form class="pieces" method="post" action="{{ route('drawer.count', $spacer) }}" hx-swap="innerHTML show:none">
                                            @csrf @method('PUT')
                                            <input type="hidden" name="row" value="{{ $spacer->id }}">
                                            <label class="visually-hidden" for="lies-{{ $spacer->id }}">Where {{ $unit->show($spacer->thickness_mm) }} lies</label>
                                            <input class="form-control w-auto" id="lies-{{ $spacer->id }}" name="lies_in" size="12" value="{{ $isTyped ? old('lies_in') : $spacer->lies_in }}">
                                            <label class="visually-hidden" for="count-{{ $spacer->id }}">How many of {{ $unit->show($spacer->thickness_mm) }}</label>
                                            <input class="form-control w-auto" id="count-{{ $spacer->id }}" name="quantity" size="4" value="{{ $isTyped ? old('quantity') : $spacer->quantity }}" inputmode="numeric" @if($isTyped) @error('quantity') aria-invalid="true" @enderror @endif>
                                            <button class="btn btn-plain" aria-label="Keep the count of {{ $unit->show($spacer->thickness_mm) }}">Keep</button>
                                        </form>
                                        @if ($isTyped)<x-fault for="quantity" /><x-fault for="lies_in" />@endif
                                    </td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                @endif
            </section>
            <section class="panel" aria-labelledby="leads-title">
                <h2 id="leads-title">Extension leads</h2>
                <table class="ledger">
                    <thead><tr><th>Plug</th><th class="n">Length</th><th class="n">Have</th></tr></thead>
                    <tbody>@foreach ($leads as $lead)<tr><td>{{ $lead->connector }}</td><td class="n">{{ $unit->showCoarse($lead->length_mm) }}</td><td class="n">{{ $lead->quantity }}</td></tr>@endforeach</tbody>
                </table>
            </section>
        </div>
    </main>
</x-layout>
