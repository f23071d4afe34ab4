<x-layout title="Back in a moment">
    <main id="main" class="page">
        <section class="panel sign-in">
            <h1 class="h4">Back in a moment</h1>
            <p>The workshop’s data is being looked after.</p>
            <a class="btn btn-primary" href="/">To the bench</a>
        </section>
    </main>
</x-layout>
