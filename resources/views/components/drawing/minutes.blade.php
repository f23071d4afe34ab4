{{-- Rows of an estimate as bars: planned above, really below. --}}
@props(['rows', 'longest'])
@php([$left, $width, $step] = [150, 560, 34])
<svg class="drawing minutes" viewBox="0 0 760 {{ count($rows) * $step + 8 }}" xmlns="http://www.w3.org/2000/svg" role="img" aria-label="Minutes of each kind of work, planned and really; the table below has them">
    @foreach ($rows as $i => $row)
        @php($y = $i * $step + 4)
        <text class="of" x="{{ $left - 8 }}" y="{{ $y + 19 }}" text-anchor="end">{{ $row->kind->label() }}</text>
        <rect class="planned" x="{{ $left }}" y="{{ $y }}" width="{{ round(max(1, $row->planned / $longest * $width), 1) }}" height="13" />
        @if ($row->known > 0)<rect class="really" x="{{ $left }}" y="{{ $y + 14 }}" width="{{ round(max(1, $row->took / $longest * $width), 1) }}" height="13" />@endif
    @endforeach
    @if ($rows !== [])<text class="key" x="{{ $left + $width }}" y="14" text-anchor="end">outlined: planned · filled: really</text>@endif
</svg>
