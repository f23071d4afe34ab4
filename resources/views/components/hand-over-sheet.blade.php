{{-- Pictures: where each lies, by its number; one that is gone is left out. --}}
@props(['sheet', 'most' => null, 'pictures' => []])
@php($onPaper = array_slice($sheet->decided, 0, $most))
<h1>{{ $sheet->bike }}</h1>
<p>{{ $sheet->customer }} · {{ $sheet->handed ? "handed over {$sheet->handed}" : 'not handed over yet: a draft' }} · {{ $sheet->workshop }}</p>
@if ($sheet->note)<p>{{ $sheet->note }}</p>@endif
<h2>What was fitted</h2>
<table><tbody>@foreach ($sheet->fitted as $what => $which)<tr><th>{{ $what }}</th><td>{{ $which }}</td></tr>@endforeach</tbody></table>
<h2>What the display is set to</h2>
<table><tbody>@forelse ($sheet->set as $what => $value)<tr><th>{{ $what }}</th><td>{{ $value }}</td></tr>@empty<tr><td>Nothing written down yet.</td></tr>@endforelse</tbody></table>
<h2>Torque, as it was given</h2>
<table><thead><tr><th>Where</th><th>Wanted</th><th>Given</th></tr></thead><tbody>
    @foreach ($sheet->torques as [$where, $wanted, $given])<tr><td>{{ $where }}</td><td>{{ $wanted }}</td><td>{{ $given }}</td></tr>@endforeach
</tbody></table>
@if ($sheet->decided !== [])
    <h2>What was decided</h2>
    <ul>@foreach ($onPaper as $decided)<li>{{ $decided }}</li>@endforeach</ul>
    @if (count($onPaper) < count($sheet->decided))<p>{{ count($sheet->decided) - count($onPaper) }} more, older or decided otherwise since, are on a list of their own, which the workshop has.</p>@endif
@endif
@if ($sheet->found !== [])
    <h2>How the bike was found</h2>
    <ul>@foreach ($sheet->found as $found)<li>{{ $found }}</li>@endforeach</ul>
@endif
@if (array_intersect_key($sheet->pictures, $pictures) !== [])
    <h2>Pictures</h2>
    <div class="sheet-pictures">@foreach (array_intersect_key($sheet->pictures, $pictures) as $id => $words)<figure><img src="{{ $pictures[$id] }}" alt="{{ $words }}"><figcaption>{{ $words }}</figcaption></figure>@endforeach</div>
@endif
<h2>Care</h2>
<ul>
    <li>Battery out before hands go near chain or motor. Charge it where it can be watched, never frozen or hot; a damaged or wet pack is not charged.</li>
    <li>First re-check: {{ $sheet->recheckOn }}, or after 50 km: nut, plate bolts, cranks, ring bolts, ties, chain. Then each season.</li>
    <li>Stop and come back if something creaks at the crank, if the body moves, or if a brake does not cut the motor.</li>
    <li>Where and how such a bike may be ridden the law of the place says; ask who knows it. We do not.</li>
</ul>
@if ($sheet->liesIn !== [])
    <h2>What came off, and where it lies</h2>
    <ul>@foreach ($sheet->liesIn as $part)<li>{{ $part }}</li>@endforeach</ul>
    <p>To swap it back: battery out, leads undone and capped, crank and ring off, body out in the order of the sheet turned round, then these in again.</p>
@endif
