@props(['page', 'reach'])
@if ($reach?->reaches)
    <p class="mb-0 mt-1">The nut’s socket reaches it over the spindle: {{ $page->unit->show($reach->neededBore) }} wide and {{ $page->unit->show($reach->neededDepth) }} deep is needed.</p>
@elseif ($reach)
    <p class="caution mb-0 mt-1"><strong>The nut’s socket does not reach it over the spindle:</strong> {{ $page->unit->show($reach->neededBore) }} wide and {{ $page->unit->show($reach->neededDepth) }} deep is needed.
        {{ $reach->doesSpindleComeOut ? 'Spindle out, the nut to torque, spindle in again; or another tool.' : 'Its spindle does not come out: another tool is needed.' }}</p>
@endif
