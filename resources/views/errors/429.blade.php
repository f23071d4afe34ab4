<x-layout title="Too many tries">
    <main id="main" class="page">
        <section class="panel sign-in">
            <h1 class="h4">Too many tries</h1>
            <p>Wait a minute, then try again.</p>
            <a class="btn btn-primary" href="/">To the bench</a>
        </section>
    </main>
</x-layout>
