<x-layout title="This page was open for too long">
    <main id="main" class="page">
        <section class="panel sign-in">
            <h1 class="h4">This page was open for too long</h1>
            <p>Go back, load it again and send it once more. What you typed is still in the page before this one.</p>
            <a class="btn btn-primary" href="/">To the bench</a>
        </section>
    </main>
</x-layout>
