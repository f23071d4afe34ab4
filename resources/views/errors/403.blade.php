<x-layout title="That is not yours to do">
    <main id="main" class="page">
        <section class="panel sign-in">
            <h1 class="h4">That is not yours to do</h1>
            <p>Ask the owner of the workshop.</p>
            <a class="btn btn-primary" href="/">To the bench</a>
        </section>
    </main>
</x-layout>
