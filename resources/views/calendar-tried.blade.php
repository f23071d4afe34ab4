<x-layout title="What would move">
    <main id="main" class="page">
        <div class="bench-head"><h1>What would move</h1></div>
        <p class="house-note">Nothing is kept yet.</p>
        <form class="pieces mb-3" method="post" action="{{ $keep }}">
            @csrf @formkey @method('PUT')
            @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <button class="btn btn-primary" id="keep-plan">Keep it so</button>
            <a class="btn btn-plain" href="{{ $leave ?? route('calendar', ['week' => $page->dayText(0)]) }}">Leave it as it was</a>
        </form>
        <section class="panel picture" aria-label="The week as it would be"><x-drawing.week :view="$page->week()" :monday="$page->dayText(0)" /></section>
        <section class="panel mt-3" aria-labelledby="dates-title"><h2 id="dates-title">Every date, as it would be</h2><x-dates :page="$page" /></section>
    </main>
</x-layout>
