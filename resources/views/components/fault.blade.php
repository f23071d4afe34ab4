@props(['for', 'id' => null])
@error($for)
    @foreach ($errors->get($for) as $message)
        <p class="fault" @if($id && $loop->first) id="{{ $id }}" @endif role="alert">{{ $message }}</p>
    @endforeach
@enderror
