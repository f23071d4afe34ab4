@props(['page', 'row', 'first'])
@php($motor = $page->motor($row))
@php($prospect = $page->prospect($row))
@php($objection = $page->rings()->objection($row))
<tr class="{{ $page->isChosen($motor) ? 'chosen' : '' }}" data-motor="{{ $row->motor->code }}">
    <td>
        <strong>{{ $row->motor->name }}</strong><br>
        <span class="soft">{{ $row->motor->mount()->label() }}{{ $row->insert ? ", {$row->insert->label()}" : '' }}</span>
        @if ($motor->isMeasuredHere)<br><span class="from-log">measured here</span>@endif
        @if ($motor->papers->displays !== [])<br><span class="soft">Talks to {{ implode(', ', $motor->papers->displays) }}</span>@endif
        @foreach ($page->likeJobs() as $like)
            @if ($like->entry->motor === $row->motor->code)<br><span class="from-log">Fitted on job {{ $like->entry->number }}, {{ (int) round(100 * $like->likeness) }} % like</span>@endif
        @endforeach
        @if ($page->sectionOf($row))<x-drawing.section :view="$page->sectionOf($row)" compact />@endif
    </td>
    <td>
        @if ($row->stack === null && $page->mayTurn($row))
            @verdict(null, 'Open')
        @else
            @verdict($row->verdict())
        @endif
        @if ($page->mayTurn($row))
            <br><span class="may-turn">may turn</span>
        @endif
    </td>
    <td>
        @php($cause = $page->advice()->cause($page->shell()->asIn($row)))
        @if ($cause && $cause->words() !== '')
            {{ $cause->words() }} @if ($cause->spot())<a href="{{ route('job.survey', [$page->job, 'spot' => $cause->spot()->value]) }}">{{ $cause->spot()->label() }}</a>@endif
        @else
            {{ $page->obstacle($row) ?? ($objection === null ? 'Nothing stands in the way.' : '') }}
        @endif
        @if ($page->rings()->thatHelps($row))
            <br><strong>Goes with ring {{ $page->rings()->thatHelps($row)->part->label() }}.</strong>
        @endif
        @if ($page->advice()->isForTheGuide($page->shell()->asIn($row)))
            <br><a href="{{ route('job.survey', [$page->job, 'spot' => 'guide_remedy']) }}">Decide what the guide becomes</a>
        @endif
        @if ($objection)
            <strong class="d-block">{{ $objection }}</strong>
        @endif
        @if ($page->advice()->needsInsert($row))
            <a href="{{ route('job.adapter', [$page->job, $motor->id]) }}">What an insert would have to be</a>
        @endif
        @if ($page->advice()->reach($row)?->reaches === false)
            <br><strong>The nut’s socket will not reach:</strong> {{ $page->unit->show($page->advice()->reach($row)->neededBore) }} wide, {{ $page->unit->show($page->advice()->reach($row)->neededDepth) }} deep is needed. Nut before the spindle, or another tool.
        @endif
        @if ($page->toBuy($row))
            <br><strong>To make it go:</strong> {{ $page->toBuy($row) }}.
        @endif
        @if ($prospect->mayTurn)
            <br><strong>One reading decides:</strong> {{ $page->settledBy($row) }}.
        @endif
        @if ($page->mayTakeAMadeSleeve($row))
            <a href="{{ route('job.sleeve', [$page->job, $motor->id]) }}">A sleeve made to measure</a>
        @endif
    </td>
    <td class="n">{{ $page->offset($row) ?? '–' }}@if ($page->advice()->isOffLine($row))<br><span class="fault">too far off its line</span>@endif</td>
    <td class="n">
        {{ (int) $row->motor->continuousW }} W{{ $motor->voltage === null ? '' : ", {$motor->voltage} V" }}<br>
        {{ $page->torqueUnit->show($row->motor->maxTorqueNm) }}
    </td>
    <td class="not-on-paper">
        <label class="pick slim">
            <input type="checkbox" form="compare" name="compare[]" value="{{ $row->motor->code }}" @checked($page->isCompared($row))>
            <span class="visually-hidden">{{ $row->motor->name }}</span>
        </label>
    </td>
    <td>
        @if ($page->isChosen($motor))
            <strong>Chosen</strong>
            @if ($page->rings()->thatHelps($row) && $page->mayChoose())
                <x-choose-motor :page="$page" :motor="$motor" :insert="$page->insertId($row)" :first="false" :ring="$page->rings()->thatHelps($row)" />
            @endif
        @elseif ($page->mayChoose())
            <x-choose-motor :page="$page" :motor="$motor" :insert="$page->insertId($row)" :first="$first" :ring="$page->rings()->too($row)" />
        @endif
    </td>
</tr>
