@props(['page'])
@php($around = $page->opened->the(App\Bench\Surroundings::class))
@php($view = new App\View\Drawings\AroundView($around))
<section class="panel mt-3" id="around" aria-labelledby="around-title">
    <h2 id="around-title">Around the shell <span class="soft">welds, tabs, bulges, screws, hoses: the motor’s body goes round it</span></h2>
    <div class="around-halves">
        <x-drawing.around :view="$view" />
        <div>
            @if ($view->gap() === null)
                <p class="mb-1">Which room the body leaves is known once a motor is chosen on Match.</p>
            @else
                <p class="mb-1">The body leaves <span class="figures">{{ $page->unit->show($view->gap()) }}</span> over the shell’s tube where it is drawn.</p>
            @endif
            @if ($view->obstacles() !== [])
                <ul class="plain-list">
                    @foreach ($view->obstacles() as $one)
                        <li>
                            <strong>{{ $one['number'] }}</strong> {{ $one['obstacle']->kind->label() }}, <span class="figures">{{ $page->unit->show($one['obstacle']->height_mm) }}</span> high at {{ $one['obstacle']->angle_deg }}°
                            @if ($one['verdict'])@verdict($one['verdict'])@else<span class="soft">the body does not go there</span>@endif
                            <form class="tool-line" method="post" action="{{ route('job.obstacle.cure', [$page->job, $one['obstacle']]) }}">
                                @csrf @formkey @method('PUT')
                                @foreach ($one['obstacle']->kind->cures() as $cure)
                                    <button class="btn btn-plain" name="cure" value="{{ $cure->value }}" @if($one['obstacle']->cure === $cure) aria-pressed="true" @endif>{{ $cure->label() }}</button>
                                @endforeach
                                <button class="btn-link-quiet" name="cure" value="not-there">Off the list</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
                <x-fault for="cure" />
            @endif
            <form class="record" method="post" action="{{ route('job.obstacle', $page->job) }}" novalidate>
                @csrf @formkey
                <div><label class="form-label" for="obstacle-kind">What</label><x-select id="obstacle-kind" name="kind" :options="NeatSpindle\Core\Holding\Around\ObstacleKind::cases()" :chosen="old('kind', 'weld')" /></div>
                <div><label class="form-label" for="height">Height over the tube</label><input class="form-control" id="height" name="height" size="7" inputmode="decimal" autocomplete="off" value="{{ old('height') }}" @error('height') aria-invalid="true" aria-describedby="height-fault" @enderror><x-fault for="height" id="height-fault" /></div>
                <div><label class="form-label" for="angle">Angle, 0 to 359</label><input class="form-control" id="angle" name="angle" size="4" inputmode="numeric" autocomplete="off" value="{{ old('angle') }}" @error('angle') aria-invalid="true" aria-describedby="angle-fault" @enderror><x-fault for="angle" id="angle-fault" /></div>
                <div class="align-self-end"><button class="btn btn-plain" id="note-obstacle">Note it</button></div>
            </form>
        </div>
    </div>
</section>
