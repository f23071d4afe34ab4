@props(['stage'])
<svg class="stations" viewBox="0 0 216 22" role="img" aria-label="At {{ $stage->label() }}, place {{ $stage->digit() }} of {{ count(App\Models\Stage::cases()) }}">
    <line x1="0" y1="11" x2="216" y2="11" />
    @foreach (App\Models\Stage::cases() as $place)
        <rect class="{{ $place === $stage ? 'now' : ($place->digit() < $stage->digit() ? 'past' : '') }}"
            x="{{ 8 + $loop->index * 27 }}" y="{{ $place === $stage ? 2 : 5 }}" width="{{ $place === $stage ? 13 : 10 }}" height="{{ $place === $stage ? 18 : 12 }}" />
    @endforeach
</svg>
