@props(['page'])
<h3 class="h6 mt-3">Against each motor’s gap</h3>
<table class="ledger">
    <thead><tr><th>Motor</th><th class="n">Gap</th><th class="n">Left</th><th>Goes</th></tr></thead>
    <tbody>
        @foreach ($page->guideGaps()->all() as $row)
            <tr><td>{{ $row['name'] }}</td><td class="n">{{ $page->unit->show($row['gap']) }}</td><td class="n">{{ $row['margin'] === null ? '–' : $page->unit->show($row['margin']->value) }}</td><td>@verdict($row['margin']?->verdict)</td></tr>
        @endforeach
    </tbody>
</table>
<p class="form-hint mb-0">Where it does not clear, say at spot {{ $page->numberOf('guide_remedy') }} what is done about it.</p>
