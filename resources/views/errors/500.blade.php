<x-layout title="Something broke on our side">
    <main id="main" class="page">
        <section class="panel sign-in">
            <h1 class="h4">Something broke on our side</h1>
            <p>What was kept before is safe. Try again; if it stays, tell whoever looks after this installation.</p>
            <a class="btn btn-primary" href="/">To the bench</a>
        </section>
    </main>
</x-layout>
