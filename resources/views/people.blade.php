<x-layout title="People">
    <main id="main" class="page">
        <x-told />
        <div class="bench-head"><h1>People</h1><x-find :action="route('people')" :find="$page->find->text" words="Find: name, e-mail, role" />@can('setHouse', auth()->user()->workshop)<a class="btn btn-plain" href="{{ route('archive') }}">Everything out and in</a>@endcan</div>
        @if (session('kept'))<p class="kept" role="status">{{ session('kept') }}</p>@endif
        <div class="work">
            <section class="panel work-wide" aria-labelledby="people-title">
                <h2 id="people-title">Who works here</h2>
                @if ($page->people()->isEmpty())<p class="empty">Nobody matches “{{ $page->find->text }}”. <a href="{{ route('people') }}">Show all</a></p>@endif
                <ul class="plain-list people">
                    @foreach ($page->people() as $person)
                        <li class="person py-2" data-person="{{ $person->id }}">
                            <p class="mb-1"><strong>{{ $person->name }}</strong> <span class="soft">{{ $person->email }}</span> @if ($person->isShutOut())<span class="stopped">✕ shut out {{ $person->shut_out_at->format('j M Y') }}</span>@endif</p>
                            @if ($page->mayManage())
                                <div class="d-flex flex-wrap gap-3 align-items-center">
                                <form class="tool-line" method="post" action="{{ route('people.change', $person) }}">
                                    @csrf @formkey @method('PUT')<input type="hidden" name="seen_name" value="{{ $person->name }}"><input type="hidden" name="seen_role" value="{{ $person->role->value }}">
                                    <label class="visually-hidden" for="name-{{ $person->id }}">Name</label>
                                    <input class="form-control w-auto" id="name-{{ $person->id }}" name="name" value="{{ $person->name }}" maxlength="@most(NAME)">
                                    <label class="visually-hidden" for="role-{{ $person->id }}">Role of {{ $person->name }}</label>
                                    <select class="form-select w-auto" id="role-{{ $person->id }}" name="role">
                                        @foreach ($page->roles() as $role)<option value="{{ $role->value }}" @selected($role === $person->role)>{{ $role->label() }}</option>@endforeach
                                    </select>
                                    <button class="btn btn-plain" aria-label="Keep {{ $person->name }}">Keep</button>
                                </form>
                                <form method="post" action="{{ route('people.access', $person) }}">
                                    @csrf @formkey @method('PUT')
                                    <input type="hidden" name="out" value="{{ $person->isShutOut() ? 0 : 1 }}">
                                    <button class="btn-link-quiet">{{ $person->isShutOut() ? 'Let in again' : 'Shut out' }}<span class="visually-hidden">: {{ $person->name }}</span></button>
                                </form>
                                </div>
                                @foreach ($errors->getBag("person-{$person->id}")->all() as $fault)<p class="fault" role="alert">{{ $fault }}</p>@endforeach
                                <x-fault :for="'role.'.$person->id" />
                                <x-fault :for="'access.'.$person->id" />
                            @else
                                <p class="form-hint mb-0">{{ $person->role->label() }}</p>
                            @endif
                        </li>
                    @endforeach
                </ul>
                @if ($page->mayManage())<p class="form-hint mb-0">Whoever is shut out cannot sign in any more; what they did stays, under their name.</p>@endif
            </section>
            <section class="panel" aria-labelledby="invite-title">
                <h2 id="invite-title">Invite somebody</h2>
                @if ($page->mayManage())
                    <form method="post" action="{{ route('people.invite') }}" novalidate>
                        @csrf @formkey
                        <label class="form-label" for="name">Name</label>
                        <input class="form-control" id="name" name="name" value="{{ old('name') }}" maxlength="@most(NAME)" @error('name') aria-invalid="true" @enderror>
                        <x-fault for="name" />
                        <label class="form-label mt-2" for="email">E-mail</label>
                        <input class="form-control" id="email" name="email" type="email" value="{{ old('email') }}" maxlength="@most(ADDRESS)" @error('email') aria-invalid="true" @enderror>
                        <x-fault for="email" />
                        <label class="form-label mt-2" for="role">Role</label>
                        <select class="form-select" id="role" name="role">
                            @foreach ($page->roles() as $role)<option value="{{ $role->value }}" @selected(old('role', 'installer') === $role->value)>{{ $role->label() }}</option>@endforeach
                        </select>
                        <x-fault for="role" />
                        <p class="form-hint">A letter goes there with the way to choose a password. You never learn it.</p>
                        <button class="btn btn-primary">Send the letter</button>
                    </form>
                @else
                    <p class="mb-0">Who works here is the owner’s to say.</p>
                @endif
                <p class="mt-2 mb-0"><a class="btn btn-plain" href="{{ route('people.csv') }}" hx-boost="false">Save as CSV</a></p>
                <dl class="facts mt-3 mb-0">
                    @foreach ($page->roles() as $role)<dt>{{ $role->label() }}</dt><dd>{{ $page->says($role) }}</dd>@endforeach
                </dl>
            </section>
        </div>
    </main>
</x-layout>
