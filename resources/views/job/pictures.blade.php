<x-job :page="$page">
    <div class="work">
        <section class="panel work-wide" aria-labelledby="pictures-title">
            <h2 id="pictures-title">Pictures, in the order of the job</h2>
            @forelse ($page->parts() as $title => $pictures)
                <h3 class="h6">{{ $title }}</h3>
                <x-picture-row :$pictures :job="$page->job" />
            @empty
                <p class="empty mb-0">No picture is kept yet. Take one at intake here, or beside what it shows: at a spot, a condition, a step, a check.</p>
            @endforelse
        </section>
        <section class="panel" aria-labelledby="intake-title">
            <h2 id="intake-title">As it came</h2>
            <p class="form-hint">Before the spanner goes in: cables, chain, what is scratched already.</p>
            <x-keep-picture :job="$page->job" :of="App\Models\PictureOf::Intake" />
        </section>
    </div>
</x-job>
