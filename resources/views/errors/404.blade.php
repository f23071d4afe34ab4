<x-layout title="Not found">
    <main id="main" class="page">
        <section class="panel sign-in">
            <h1 class="h4">Not found</h1>
            <p>There is no such job or page in this workshop.</p>
            <a class="btn btn-primary" href="/">To the bench</a>
        </section>
    </main>
</x-layout>
