@props(['page'])
<div class="compare" aria-label="Two motors side by side">
    @foreach ($page->compared() as $row)
        <article class="panel">
            <h3 class="h6"><strong>{{ $row->motor->name }}</strong> @verdict($row->verdict())</h3>
            @if ($page->sectionOf($row))<x-drawing.section :view="$page->sectionOf($row)" compact />@endif
            <p class="mb-1">{{ $page->obstacle($row) ?? 'Nothing stands in the way.' }}</p>
            <table class="ledger">
                <tbody>
                    <tr><td>Power, torque</td><td class="n">{{ (int) $row->motor->continuousW }} W, {{ $page->torqueUnit->show($row->motor->maxTorqueNm) }}</td></tr>
                    <tr><td title="Off the cogs as they are ridden, on average">Off the cogs ridden</td><td class="n">{{ $page->offset($row) ?? '–' }}</td></tr>
                    <tr><td>Pieces from the drawer</td><td class="n">{{ $row->stack?->arrangement ? $row->stack->pieceCount() : '–' }}</td></tr>
                    @foreach ($row->stack->margins ?? [] as $margin)
                        <tr><td>{{ $margin->name->label() }}</td><td class="n">@verdict($margin->verdict) {{ $page->unit->show($margin->value) }} ± {{ $page->unit->show($margin->plusMinus) }}</td></tr>
                    @endforeach
                </tbody>
            </table>
        </article>
    @endforeach
</div>
