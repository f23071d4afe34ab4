<x-layout title="Take a bike in">
    <main id="main" class="page">
        <x-told />
        <section class="panel" aria-labelledby="start">
            <h1 class="h4" id="start">Take a bike in</h1>
            <form method="post" action="{{ route('job.store') }}" enctype="multipart/form-data" novalidate>
                @csrf @formkey
                <div class="row g-3">
                    <div class="col-md-6">
                        <label class="form-label" for="customer">Whose bike</label>
                        <input class="form-control" id="customer" name="customer" list="customers" value="{{ old('customer') }}" autofocus autocomplete="off" @error('customer') aria-invalid="true" @enderror>
                        <datalist id="customers">@foreach ($page->customers() as $customer)<option value="{{ $customer->name }}"></option>@endforeach</datalist>
                        <x-fault for="customer" />
                        @error('whose')
                            <fieldset class="mt-2" id="whose">
                                <legend class="form-label">{{ $message }}</legend>
                                @foreach ($page->namesakes() as $one)
                                    <label class="pick d-flex"><input type="radio" name="whose" value="{{ $one->id }}" @checked($loop->first)> {{ $one->name }}: {{ $page->toldBy($one) }}</label>
                                @endforeach
                                <label class="pick d-flex"><input type="radio" name="whose" value="new"> somebody else of the same name</label>
                            </fieldset>
                        @enderror
                    </div>
                    <div class="col-md-6">
                        <label class="form-label" for="bike">Which bike</label>
                        <input class="form-control" id="bike" name="bike" value="{{ old('bike') }}" placeholder="Green trail hardtail, 29 in" @error('bike') aria-invalid="true" @enderror>
                        <x-fault for="bike" />
                    </div>
                    <fieldset class="col-12">
                        <legend class="form-label">Kind</legend>
                        <div class="kinds">
                            @foreach ($page->kinds() as $kind => $view)
                                <label class="pick" for="kind-{{ $kind }}">
                                    <input class="form-check-input m-0" type="radio" id="kind-{{ $kind }}" name="kind" value="{{ $kind }}" @checked(old('kind', 'diamond') === $kind)>
                                    <svg class="drawing" viewBox="0 0 {{ $view->width }} {{ $view->height }}" xmlns="http://www.w3.org/2000/svg" aria-hidden="true"><x-drawing.frame :view="$view" /></svg>
                                    {{ NeatSpindle\Core\Donor\Bike\BikeKind::from($kind)->label() }}
                                </label>
                            @endforeach
                        </div>
                        <x-fault for="kind" />
                    </fieldset>
                    <div class="col-md-3">
                        <label class="form-label" for="frame_material">Frame</label>
                        <select class="form-select" id="frame_material" name="frame_material">
                            @foreach (NeatSpindle\Core\Donor\Bike\FrameMaterial::cases() as $material)
                                <option value="{{ $material->value }}" @selected(old('frame_material') === $material->value)>{{ ucfirst($material->value) }}</option>
                            @endforeach
                        </select>
                        <x-fault for="frame_material" />
                    </div>
                    <div class="col-md-3">
                        <label class="form-label" for="assignee_id">Who does it</label>
                        <select class="form-select" id="assignee_id" name="assignee_id">
                            @foreach ($page->people() as $one)
                                <option value="{{ $one->id }}" @selected((int) old('assignee_id', auth()->id()) === $one->id)>{{ $one->name }}</option>
                            @endforeach
                        </select>
                        <x-fault for="assignee_id" />
                    </div>
                    <div class="col-md-3">
                        <label class="form-label" for="promised_on">Promised for</label>
                        <input class="form-control" id="promised_on" name="promised_on" type="date" value="{{ old('promised_on') }}" @error('promised_on') aria-invalid="true" @enderror>
                        <x-fault for="promised_on" />
                    </div>
                    <div class="col-md-3">
                        <label class="form-label" for="phone">Telephone <span class="soft">if you like</span></label>
                        <input class="form-control" id="phone" name="phone" type="tel" autocomplete="off" value="{{ old('phone') }}" maxlength="@most(PHONE)" @error('phone') aria-invalid="true" @enderror>
                        <x-fault for="phone" />
                    </div>
                    <div class="col-md-3">
                        <label class="form-label" for="email">E-mail <span class="soft">if you like</span></label>
                        <input class="form-control" id="email" name="email" type="email" autocomplete="off" value="{{ old('email') }}" maxlength="@most(NAME)" @error('email') aria-invalid="true" @enderror>
                        <x-fault for="email" />
                    </div>
                    <div class="col-md-6">
                        <label class="form-label" for="picture">A picture, as it came <span class="soft">if you like</span></label>
                        <input class="form-control" id="picture" name="picture" type="file" accept="image/jpeg,image/png,image/webp,image/*" @error('picture') aria-invalid="true" @enderror>
                        <x-fault for="picture" />
                    </div>
                </div>
                <p class="caution mt-3">A motor adds speed and mass that frame, brakes and wheels were not designed for. What is allowed where it will be ridden is for the customer to check with the local law; we never say a bike is legal or safe.</p>
                <button class="btn btn-primary">Start measuring</button>
                <a class="btn btn-plain" href="{{ route('bench') }}">Back to the bench</a>
            </form>
        </section>
    </main>
</x-layout>
