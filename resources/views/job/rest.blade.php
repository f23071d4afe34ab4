<x-job :page="$page">
    @if ($page->motor() === null)
        <x-not-yet :page="$page" />
    @else
        @php($choice = $page->choice())
        @php($torquing = $choice->torquing())
        <div class="work">
            <section class="panel picture" aria-labelledby="rest-picture">
                <h2 id="rest-picture">What keeps the body from turning</h2>
                <x-drawing.reaction :view="$page->drawing()" />
                @if ($page->bracing()->stop())<p class="caution"><strong>Stop.</strong> {{ $page->bracing()->stop() }}</p>@endif
                <table class="ledger">
                    <tbody>
                        @if ($page->reaction())
                            <tr><td>Nut pulls with</td><td class="n">{{ number_format($page->reaction()->preload / 1000, 1) }} kN</td><td class="soft">torque over K × thread diameter; K {{ $torquing->threadState->torqueFactor() }}, {{ $torquing->threadState->value }}</td></tr>
                            <tr><td>Friction holds</td><td class="n">{{ $page->torqueUnit->show($page->reaction()->hold) }}</td><td class="soft">two {{ $torquing->face->value }} faces, μ {{ number_format($torquing->face->friction(), 2) }}, mean radius {{ $page->unit->show($torquing->meanRadius() * 1000) }}</td></tr>
                            <tr><td>Motor turns with up to</td><td class="n">{{ $page->torqueUnit->show($page->reaction()->motorTorque) }}</td><td class="soft">catalogue</td></tr>
                            <tr class="total"><td>The rest must carry</td><td class="n">{{ $page->torqueUnit->show($page->reaction()->leftForTheRest()) }}</td><td class="soft">{{ $page->reaction()->isHeldByFriction() ? 'friction alone holds; a rest still is good practice' : 'friction alone does not hold' }}</td></tr>
                        @else
                            <tr class="total"><td>The rest must carry</td><td class="n">{{ $page->torqueUnit->show($page->motor()->maxTorqueNm) }}</td><td class="soft">no nut clamps this body</td></tr>
                        @endif
                        <tr><td>Load on the rest</td><td class="n">{{ $page->restLoad() === null ? '–' : number_format($page->restLoad(), 0).' N' }}</td><td class="soft">@if($choice->restRadius())at {{ $page->unit->showCoarse($choice->restRadius()) }} from the axis @else measure to where the body rests @endif</td></tr>
                    </tbody>
                </table>
                @if ($page->isBoom())
                    <p class="mb-0">@if ($page->sheet->findings->mm('boom_diameter') === null)<a class="btn btn-plain" href="{{ route('job.survey', [$page->job, 'spot' => 'boom_diameter']) }}">Measure the boom’s diameter</a>
                        @elseif ($page->boomClamp())<strong>Boom of {{ $page->unit->show($page->sheet->findings->mm('boom_diameter')) }}:</strong> clamp of {{ $page->unit->show($page->boomClamp()->bore) }}{{ $page->boomClamp()->shim > 0 ? ', with a shim of '.$page->unit->show($page->boomClamp()->shim).' all round' : ', no shim' }}.
                        @else<strong>Thicker than any clamp:</strong> one has to be made.@endif</p>
                @endif
            </section>
            <section class="panel" aria-labelledby="rest-form">
                <h2 id="rest-form">Nut and rest</h2>
                @if ($page->mayChoose())
                    <form method="post" action="{{ route('job.brace', $page->job) }}">
                        @csrf @method('PUT')
                        <input type="hidden" name="version" value="{{ $page->job->version }}">
                        @if ($page->band())
                            <label class="form-label" for="nut-torque">Nut torque</label>
                            <div class="pieces"><input class="form-control w-auto" id="nut-torque" name="nut_torque" size="8" value="{{ old('nut_torque', $page->torqueUnit->show($torquing->nutTorque)) }}" @error('nut_torque') aria-invalid="true" @enderror>
                                <span>maker’s band {{ $page->torqueUnit->show($page->band()->low) }} to {{ $page->torqueUnit->show($page->band()->high) }}</span></div>
                            @if ($page->reaction()?->torqueBand !== 'within')<p class="caution mb-1">{{ ucfirst((string) $page->reaction()?->torqueBand) }} the maker’s band.</p>@endif
                            <x-fault for="nut_torque" />
                            <label class="form-label mt-1" for="thread-state">On the nut’s thread</label>
                            <select class="form-select" id="thread-state" name="thread_state">@foreach (['threadlocker' => 'Locking compound', 'dry' => 'Dry', 'grease' => 'Grease'] as $value => $label)<option value="{{ $value }}" @selected(old('thread_state', $torquing->threadState->value) === $value)>{{ $label }}</option>@endforeach</select>
                            <label class="form-label mt-1" for="shell-face">Shell’s faces</label>
                            <select class="form-select" id="shell-face" name="shell_face">@foreach (['painted' => 'Painted', 'bare' => 'Bare metal, flat'] as $value => $label)<option value="{{ $value }}" @selected(old('shell_face', $torquing->face->value) === $value)>{{ $label }}</option>@endforeach</select>
                            <div class="pieces mt-1">
                                <label for="face-outer">Face, outer</label><input class="form-control w-auto" id="face-outer" name="shell_outer" size="8" value="{{ old('shell_outer', $page->unit->show($torquing->faceOuter)) }}">
                                <label for="face-inner">inner</label><input class="form-control w-auto" id="face-inner" name="shell_inner" size="8" value="{{ old('shell_inner', $page->unit->show($torquing->faceInner)) }}">
                            </div>
                            <x-fault for="shell_outer" /><x-fault for="shell_inner" />
                        @endif
                        <label class="form-label mt-1" for="position">Body hangs</label>
                        <select class="form-select" id="position" name="position">@foreach (NeatSpindle\Core\Reaction\BodyPosition::cases() as $position)<option value="{{ $position->value }}" @selected(old('position', $choice->position()->value) === $position->value)>{{ $position->label() }}</option>@endforeach</select>
                        <label class="pick mt-1"><input type="checkbox" name="is_reversed" value="1" @checked(old('is_reversed', $choice->isReversed()))> Fitted the other way round (ring on the left)</label>
                        <fieldset class="mt-1"><legend>It rests on</legend><div class="rest-list">
                            @foreach ($page->rests() as $value => $objection)
                                @php($rest = NeatSpindle\Core\Reaction\Rest::from($value))
                                <label class="rest-choice"><input type="radio" name="rest" value="{{ $value }}" @checked(old('rest', $choice->rest()?->value) === $value) @disabled($objection !== null)> <span>{{ $rest->label() }}@if ($objection)<br><span class="soft">{{ $objection }}</span>@endif</span></label>
                            @endforeach
                            <label class="rest-choice"><input type="radio" name="rest" value="" @checked(old('rest', $choice->rest()?->value) === null || old('rest') === '')> <span>Nothing yet</span></label></div>
                        </fieldset>
                        <x-fault for="rest" />
                        <div class="pieces mt-1"><label for="rest-radius">From the axis to the rest</label><input class="form-control w-auto" id="rest-radius" name="rest_radius" size="7" value="{{ old('rest_radius', $choice->restRadius() === null ? '' : $page->unit->showCoarse($choice->restRadius())) }}" @error('rest_radius') aria-invalid="true" @enderror></div>
                        <x-fault for="rest_radius" />
                        <label class="form-label mt-1" for="gap">In the gap lies</label>
                        <select class="form-select" id="gap" name="gap">@foreach (NeatSpindle\Core\Reaction\GapContents::cases() as $gap)<option value="{{ $gap->value }}" @selected(old('gap', $choice->gap()->value) === $gap->value)>{{ $gap->label() }}</option>@endforeach</select>
                        <button class="btn btn-primary mt-2" id="keep-rest">Keep</button>
                    </form>
                    @if ($page->bracing()->wanting())<p class="form-hint mb-0 mt-1">{{ $page->bracing()->wanting() }}</p>@endif
                @else
                    <p>{{ $choice->rest()?->label() ?? 'No rest is chosen yet.' }} Choosing it is for installers and the owner.</p>
                @endif
                <p class="mt-2 mb-0"><a href="{{ route('job.stack', $page->job) }}">Back to the stack</a></p>
            </section>
        </div>
    @endif
</x-job>
