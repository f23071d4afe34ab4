<x-layout title="The family">
    <main id="main" class="page">
        <h1 class="h3">The family: what every screen is made of</h1>
        <p>Granite and ink by a bright window, marking blue in a dark workshop. Brass is what one adds. The dash-dot line is the crank axis or the frame’s centre plane, and nothing else.</p>
        <div class="work">
            <div class="work-wide">
                <section class="panel"><h2>Verdicts: the gap between two faces</h2>
                    <div class="d-flex gap-4 flex-wrap">@verdict('clear')@verdict('tight')@verdict('fails')@verdict()</div>
                </section>
                <section class="panel"><h2>Buttons</h2>
                    <div class="d-flex gap-2 flex-wrap"><button class="btn btn-primary">The next thing to do</button><button class="btn btn-plain">Something else</button><button class="btn-link-quiet">Quietly</button></div>
                </section>
                <section class="panel"><h2>Messages, where the hand is</h2>
                    <p class="fault">What was expected, in the person’s words</p>
                    <p class="kept">Kept: 73.04 ± 0.06 mm</p>
                    <p class="told">Somebody else changed this job at 14:02.</p>
                    <p class="caution">Battery out before hands go near chain or motor.</p>
                </section>
                <section class="panel"><h2>Fields</h2>
                    <label class="form-label" for="f1">Reading</label><input class="form-control big-figure" id="f1" value="73.04">
                    <p class="form-hint">Figures in the even-width face, large where they are typed.</p>
                    <label class="form-label" for="f2">Taken with</label><select class="form-select" id="f2"><option>Caliper</option></select>
                </section>
            </div>
            <div class="work-wide">
                <section class="panel"><h2>Type</h2>
                    <p class="h3 m-0">Heading 28</p><p class="h5 m-0">Heading 20</p><p class="m-0">Text 16, for arm’s length</p><p class="soft m-0">Soft text</p><p class="figures m-0">0123456789 ± mm</p>
                </section>
                <section class="panel"><h2>Table</h2>
                    <table class="ledger"><thead><tr><th>What</th><th class="n">Is</th></tr></thead><tbody><tr><td>Ring to chainstay</td><td class="n">2.80 mm</td></tr><tr class="chosen"><td>Chosen row</td><td class="n">1.20 mm</td></tr></tbody></table>
                </section>
                <section class="panel"><h2>Turning</h2>
                    <x-drawing.turn :view="new App\View\Drawings\TurnView(new NeatSpindle\Core\Ground\Turn\Turn('Drive cup', NeatSpindle\Core\Ground\Turn\Hand::Left, NeatSpindle\Core\Ground\Turn\Action::Loosen, NeatSpindle\Core\Ground\Turn\Side::Drive))" />
                </section>
                <section class="panel"><h2>Where a job is</h2><x-stations :stage="App\Models\Stage::Stack" /></section>
            </div>
        </div>
    </main>
</x-layout>
