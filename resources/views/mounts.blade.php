<x-layout title="Every mount" bare>
    <main id="main" class="page">
        <h1 class="visually-hidden">Every mount at its narrowest and widest</h1>
        <div class="work-halves">
            @foreach ((new App\View\Workshop\MountsPage)->views() as $name => $view)
                <section class="panel" aria-label="{{ $name }}"><h2>{{ $name }}</h2><x-drawing.section :view="$view" /></section>
            @endforeach
        </div>
    </main>
</x-layout>
