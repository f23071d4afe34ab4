@props(['pictures', 'job'])
<ul class="picture-row">
    @foreach ($pictures as $picture)
        <li><a href="{{ route('job.picture', [$job, $picture]) }}" @if ($loop->first) data-key="v" @endif>
            <img src="{{ route('job.picture.file', [$job, $picture, 'small']) }}" width="{{ $picture->width }}" height="{{ $picture->height }}" loading="lazy" alt="{{ $picture->says() }}">
            <span>{{ $picture->says() }}@if ($picture->on_sheet) <small class="soft">on the sheet</small>@endif</span>
        </a></li>
    @endforeach
</ul>
