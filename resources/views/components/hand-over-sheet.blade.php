@props(['page', 'handed'])
<h1>{{ $page->job->number }}: {{ $page->job->bike->label }}</h1>
<p>{{ $page->job->customer_name }} · {{ $handed ? 'handed over '.$handed->handed_at->format('j F Y').' by '.$handed->user->name : 'not handed over yet: a draft' }}</p>
@if ($handed?->note)<p>{{ $handed->note }}</p>@endif
<h2>What was fitted</h2>
<table><tbody>@foreach ($page->fitted() as $what => $which)<tr><th>{{ $what }}</th><td>{{ $which }}</td></tr>@endforeach</tbody></table>
<h2>What the display is set to</h2>
<table><tbody>@forelse ($page->settings() as $setting)<tr><th>{{ $setting->name->label() }}</th><td>{{ $setting->name->says($setting->value) }}@if ($setting->reason). Decided by {{ $setting->set_by_name }}: {{ $setting->reason }} @endif @if ($setting->law)<br>“{{ $setting->law }}”@endif</td></tr>@empty<tr><td>Nothing written down yet.</td></tr>@endforelse</tbody></table>
<h2>Torque, as it was given</h2>
<table><thead><tr><th>Where</th><th>Wanted</th><th>Given</th></tr></thead><tbody>
    @foreach ($page->torques() as $row)
        <tr><td>{{ $row['step']->title }}</td><td>@if ($row['step']->band){{ $page->torqueUnit->figure($row['step']->band->torque->low) }} to {{ $page->torqueUnit->show($row['step']->band->torque->high) }}, {{ $row['step']->band->source }}@else no band known @endif</td><td>@if ($row['record']->torque_nm !== null){{ $page->torqueUnit->show($row['record']->torque_nm) }}@else by hand: @endif {{ $row['record']->note }}</td></tr>
    @endforeach
</tbody></table>
@if ($page->decisions()->isNotEmpty() || $page->limitsTaken()->isNotEmpty())
    <h2>What was decided</h2>
    <ul>@foreach ($page->decisions() as $decision)<li>{{ $page->choice($decision) }}. {{ $decision->made_by_name }}, {{ $decision->made_at->format('j M Y') }}: “{{ $decision->reason }}”@if ($decision->superseded_at) Decided otherwise on {{ $decision->superseded_at->format('j M Y') }}.@endif @if ($decision->allowed_at) Answered for by {{ $decision->allowed_by_name }}: “{{ $decision->allowed_because }}”@endif</li>@endforeach
    @foreach ($page->limitsTaken() as $setting)<li>{{ $setting->name->label() }}: {{ $setting->name->says($setting->value) }}. {{ $setting->set_by_name }}, {{ $setting->set_at->format('j M Y') }}: “{{ $setting->reason }}”@if ($setting->superseded_at) Set otherwise on {{ $setting->superseded_at->format('j M Y') }}.@endif</li>@endforeach</ul>
@endif
@if ($page->conditions()->isNotEmpty())
    <h2>How the bike was found</h2>
    <ul>@foreach ($page->conditions() as $condition)<li>{{ $condition->subject->label() }}: {{ lcfirst($condition->severity->label()) }}@if ($condition->declined_by), to be mended and declined by {{ $condition->declined_by }}@endif{{ $condition->note === null ? '' : ', '.$condition->note }}@if ($condition->lifted_at). Gone on with by {{ $condition->liftedBy?->name }}: “{{ $condition->lifted_because }}”@endif</li>@endforeach</ul>
@endif
<h2>Care</h2>
<ul>
    <li>Battery out before hands go near chain or motor. Charge it where it can be watched, never frozen or hot; a damaged or wet pack is not charged.</li>
    <li>First re-check: {{ $page->recheckOn() }}, or after 50 km: nut, plate bolts, cranks, ring bolts, ties, chain. Then each season.</li>
    <li>Stop and come back if something creaks at the crank, if the body moves, or if a brake does not cut the motor.</li>
    <li>Where and how such a bike may be ridden the law of the place says; ask who knows it. We do not.</li>
</ul>
@if ($page->kept() !== [])
    <h2>What came off, and where it lies</h2>
    <ul>@foreach ($page->kept() as $what => $where)<li>{{ $what }}: {{ $where }}</li>@endforeach</ul>
    <p>To swap it back: battery out, leads undone and capped, crank and ring off, body out in the order of the sheet turned round, then these in again.</p>
@endif
