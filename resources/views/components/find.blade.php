{{-- A list is looked through by words; the key for it is the same on every page. --}}
@props(['action', 'find', 'words'])
<form method="get" action="{{ $action }}" role="search">
    <label class="visually-hidden" for="find">{{ $words }}</label>
    {{ $slot }}
    <input class="form-control" id="find" name="find" type="search" value="{{ $find }}" placeholder="{{ $words }}" data-key="/">
    <kbd aria-hidden="true">/</kbd>
</form>
